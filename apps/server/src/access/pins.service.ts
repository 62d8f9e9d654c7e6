import { createCipheriv, createDecipheriv, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { type Settings, SETTINGS } from '../settings';

/** Team PINs, kept under AES-256-GCM with the server's secret so that the teacher can read them out again. */
@Injectable()
export class PinsService {
  constructor(@Inject(SETTINGS) private readonly settings: Settings) {}

  draw(): string {
    return String(randomInt(0, 10_000)).padStart(4, '0');
  }

  seal(pin: string): string {
    const nonce = randomBytes(12);
    const cipher = createCipheriv('aes-256-gcm', this.settings.secret, nonce);
    return Buffer.concat([nonce, cipher.update(pin, 'utf8'), cipher.final(), cipher.getAuthTag()]).toString('base64');
  }

  /** The PIN, or an empty text when it was sealed with another secret. */
  open(sealed: string): string {
    try {
      const bytes = Buffer.from(sealed, 'base64');
      const decipher = createDecipheriv('aes-256-gcm', this.settings.secret, bytes.subarray(0, 12));
      decipher.setAuthTag(bytes.subarray(-16));
      return Buffer.concat([decipher.update(bytes.subarray(12, -16)), decipher.final()]).toString('utf8');
    } catch {
      return '';
    }
  }

  matches(sealed: string, pin: string): boolean {
    const own = Buffer.from(this.open(sealed));
    const given = Buffer.from(pin);
    return own.length === given.length && own.length > 0 && timingSafeEqual(own, given);
  }
}
