import QRCode, { type QRCodeErrorCorrectionLevel } from 'qrcode';

const QUIET = 4;
const LEVELS: QRCodeErrorCorrectionLevel[] = ['H', 'Q', 'M'];

/**
 * A QR code as a path on a grid of one unit a module, with its quiet zone. It has as few modules as level M allows, and of the levels
 * that need no more the one that is still read when most of it is dirty.
 */
export function squareOf(text: string): { path: string; side: number; modules: number } {
  const least = QRCode.create(text, { errorCorrectionLevel: 'M' }).version;
  const level = LEVELS.find((l) => QRCode.create(text, { errorCorrectionLevel: l }).version === least) ?? 'M';
  const { modules } = QRCode.create(text, { errorCorrectionLevel: level });
  const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i).filter((i) => modules.data[i]);
  return {
    side: modules.size + 2 * QUIET,
    modules: modules.size,
    path: dark.map((i) => `M${QUIET + (i % modules.size)} ${QUIET + Math.floor(i / modules.size)}h1v1h-1z`).join(''),
  };
}
