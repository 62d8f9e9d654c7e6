// Opens a package away from the server's own thread, which goes on answering whatever the file does. Bytes are counted as they come
// out, so that what a file says of its own size is never believed.
const { parentPort, workerData } = require('node:worker_threads');
const yauzl = require('yauzl');

/** Said to the server, which makes the sentence. */
class Refused extends Error {
  constructor(code, params = {}) {
    super(code);
    this.refusal = { code, params };
  }
}

const { content, limits, wholeFile, picture } = workerData;
const isPicture = new RegExp(picture);
let unpacked = 0;

/** The content of an entry; `most` bytes of it, and no more. */
function read(zip, entry, most) {
  return new Promise((done, failed) => {
    zip.openReadStream(entry, (error, stream) => {
      if (error) return failed(error);
      const pieces = [];
      let bytes = 0;
      stream.on('data', (piece) => {
        bytes += piece.length;
        unpacked += piece.length;
        if (bytes > most || unpacked > limits.bytes) {
          stream.destroy();
          return failed(new Refused('too-large'));
        }
        pieces.push(piece);
      });
      stream.once('error', failed);
      stream.once('end', () => done(Buffer.concat(pieces)));
    });
  });
}

async function unpack() {
  const zip = await new Promise((done, failed) =>
    yauzl.fromBuffer(
      Buffer.from(content.buffer, content.byteOffset, content.byteLength),
      { lazyEntries: true, autoClose: false },
      (error, opened) => (error ? failed(error) : done(opened)),
    ),
  );
  if (zip.entryCount > limits.files) throw new Refused('too-large');
  let whole = null;
  const pictures = [];
  await new Promise((done, failed) => {
    zip.once('error', failed);
    zip.once('end', done);
    zip.on('entry', (entry) => {
      const take = async () => {
        if (entry.fileName === wholeFile) whole = await read(zip, entry, limits.rows);
        else if (isPicture.test(entry.fileName))
          pictures.push([isPicture.exec(entry.fileName)[1], await read(zip, entry, limits.picture)]);
        zip.readEntry();
      };
      take().catch(failed);
    });
    zip.readEntry();
  });
  if (whole === null) throw new Refused('no-rows');
  let rows;
  try {
    rows = JSON.parse(whole.toString('utf8'));
  } catch {
    throw new Refused('unreadable');
  }
  parentPort.postMessage({ rows, pictures });
}

unpack().catch((error) => parentPort.postMessage({ refusal: error.refusal ?? { code: 'no-package', params: {} } }));
