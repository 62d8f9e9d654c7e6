import { type ClassView } from '@bright-sprout/contracts/classes';
import { MAX_IMPORT_CHARACTERS } from '@bright-sprout/contracts/imports';
import { readCsv } from '@bright-sprout/core/formats/readCsv';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { ClassPage } from '../../page/ClassPage';
import { ImportHead } from './ImportHead';
import { Mapping, type OpenFile } from './Mapping';
import './importCsv.scss';

export function ImportView() {
  return <ClassPage>{(group) => <Import group={group} />}</ClassPage>;
}

function Import({ group }: { group: ClassView }) {
  const [file, setFile] = useState<OpenFile | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const open = async (dropped: File) => {
    const text = await dropped.text();
    const read =
      text.length > MAX_IMPORT_CHARACTERS
        ? { ok: false as const, reason: 'This file has more than 4 million characters. Split it.' }
        : readCsv(text);
    setWrong(read.ok ? null : `${dropped.name}: ${read.reason}`);
    if (read.ok) setFile({ name: dropped.name, text, csv: read.csv });
  };
  const { getRootProps, getInputProps, isDragActive } = useDropzone({
    multiple: false,
    onDrop: ([dropped]) => dropped && void open(dropped),
  });
  if (file) return <Mapping key={file.name} group={group} file={file} onBack={() => setFile(null)} />;
  return (
    <>
      <ImportHead group={group} />
      <main>
        <p>
          A table with one row for each look at a plant: which container, which treatment, which day, how tall. Comma, semicolon
          or tab between the columns.
        </p>
        <div {...getRootProps({ className: `drop${isDragActive ? ' over' : ''}` })}>
          <input {...getInputProps({ 'aria-label': 'Choose a CSV file' })} />
          <p className="drop-words">{isDragActive ? 'Let go' : 'Drop a CSV file here'}</p>
          <span className="btn">Choose a file</span>
        </div>
        {wrong && (
          <div className="notice mt-3" role="alert">
            <p className="notice-title">This file cannot be read as a table</p>
            <p>{wrong} Nothing was imported.</p>
          </div>
        )}
      </main>
    </>
  );
}
