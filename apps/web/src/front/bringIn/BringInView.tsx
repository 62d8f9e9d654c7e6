import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { localDay } from '../../entry/localDay';
import { ClassPage } from '../../page/ClassPage';
import { Waiting } from '../../page/Notices';
import { useTable } from '../../workers/useTable';
import { BringInHead } from './BringInHead';
import { PackageForm } from './PackageForm';
import { TableForm } from './TableForm';
import './bringIn.scss';

/** Larger files are another tool's job. */
const MOST_BYTES = 40_000_000;

export function BringInView() {
  return <ClassPage>{(group) => <BringIn group={group} />}</ClassPage>;
}

function BringIn({ group }: { group: ClassView }) {
  const table = useTable();
  const [file, setFile] = useState<File | null>(null);
  const [tooLarge, setTooLarge] = useState(false);
  const open = async (dropped: File, sheet: string | null = null) => {
    setFile(dropped);
    if (/\.zip$/i.test(dropped.name)) return;
    setTooLarge(dropped.size > MOST_BYTES);
    if (dropped.size <= MOST_BYTES) table.open(dropped.name, await dropped.arrayBuffer(), sheet, localDay());
  };
  const { getRootProps, getInputProps, isDragActive } = useDropzone({
    multiple: false,
    onDrop: ([dropped]) => dropped && void open(dropped),
  });
  if (file && /\.zip$/i.test(file.name))
    return <PackageForm key={file.name} group={group} file={file} onBack={() => setFile(null)} />;
  const wrong = tooLarge ? say('bringIn.moreMegabytesSplit') : table.refused;
  if (table.opened && file)
    return (
      <TableForm
        key={`${table.opened.name} ${table.opened.sheet}`}
        group={group}
        opened={table.opened}
        table={table}
        onSheet={(sheet) => void open(file, sheet)}
        onBack={table.close}
      />
    );
  return (
    <>
      <BringInHead group={group} />
      <main>
        <p>{say('bringIn.tableRecordsCsvWorkbook')}</p>
        {table.busy === 'opening' ? (
          <div className="drop-busy">
            <Waiting>
              <Say it="bringIn.reading" name={file?.name} />
            </Waiting>
            <button type="button" className="btn" onClick={table.close}>
              {say('common.stop')}
            </button>
          </div>
        ) : (
          <div {...getRootProps({ className: `drop${isDragActive ? ' over' : ''}` })}>
            <input {...getInputProps({ 'aria-label': say('bringIn.chooseTable') })} />
            <p className="drop-words">{isDragActive ? say('bringIn.letGo') : say('bringIn.dropTable')}</p>
            <span className="btn">{say('bringIn.chooseFile')}</span>
          </div>
        )}
        {wrong && (
          <div className="notice mt-3" role="alert">
            <p className="notice-title">{say('bringIn.fileCannotReadTable')}</p>
            <p>{say('bringIn.nothingImported', { file: file?.name, wrong })}</p>
          </div>
        )}
      </main>
    </>
  );
}
