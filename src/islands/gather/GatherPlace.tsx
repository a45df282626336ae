// Gather: what people hold comes in, is shown as understood, and enters the bank only when agreed to.
import { useEffect } from 'react';
import { Busy } from '../parts/Busy';
import { fetched } from '../parts/fetched';
import { stopReading, useGather } from '../state/gather';
import { Empty } from './Empty';
import { Tray } from './Tray';

const Bench = fetched(() => import('./Bench').then((module) => ({ default: module.Bench })));

export default function GatherPlace() {
  const { busy, answer, progress } = useGather();
  useEffect(() => {
    // What shows a source is fetched while it is read.
    if (busy) {
      Bench.ahead();
    }
  }, [busy]);
  if (answer) {
    return (
      <>
        <Tray />
        <Bench answer={answer} />
      </>
    );
  }
  return (
    <>
      <Tray />
      {busy ? <Busy what={busy} far={progress} unit="rows" onStop={stopReading} /> : <Empty />}
    </>
  );
}
