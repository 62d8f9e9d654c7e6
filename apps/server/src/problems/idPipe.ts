import { told } from '@bright-sprout/words/say';
import { Injectable, PipeTransform } from '@nestjs/common';
import { isUUID } from 'class-validator';
import { notFound } from './problem';

/** An id in an address; anything that is no UUID cannot exist. */
@Injectable()
export class IdPipe implements PipeTransform<string, string> {
  transform(value: string): string {
    if (!isUUID(value)) throw notFound(told('refusals.addressNames'));
    return value.toLowerCase();
  }
}
