import { afterLine, NO_READING, type ScaleState } from '@kereta/core';
import { useCallback, useEffect, useRef, useState } from 'react';

export interface LiveScale {
  readonly state: ScaleState;
  /** off: never asked; lost: it was there, and its last readings are shown */
  readonly link: 'off' | 'asking' | 'on' | 'lost' | 'file';
  readonly connect: (address: string) => void;
  readonly disconnect: () => void;
  readonly takeFile: (text: string) => void;
}

/** A scale that is read live, or a file of its lines. A lost line is tried again by the browser; what was read stays. */
export const useLiveScale = (): LiveScale => {
  const [state, setState] = useState<ScaleState>(NO_READING);
  const [link, setLink] = useState<LiveScale['link']>('off');
  const source = useRef<EventSource | undefined>(undefined);
  const disconnect = useCallback(() => {
    source.current?.close();
    source.current = undefined;
    setLink('off');
  }, []);
  const connect = useCallback((address: string) => {
    source.current?.close();
    setState(NO_READING);
    setLink('asking');
    const stream = new EventSource(address);
    source.current = stream;
    stream.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
      setLink('on');
      setState((before) => afterLine(before, String(data)));
    });
    stream.addEventListener('error', () => setLink('lost'));
  }, []);
  const takeFile = useCallback((text: string) => {
    source.current?.close();
    source.current = undefined;
    setLink('file');
    setState(
      text
        .split(/\r?\n/)
        .filter((line) => line.trim() !== '')
        .reduce(afterLine, NO_READING),
    );
  }, []);
  useEffect(() => () => source.current?.close(), []);
  return { state, link, connect, disconnect, takeFile };
};
