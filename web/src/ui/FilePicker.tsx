import { useRef } from 'react';
import { Button } from './Button';

type Props = {
  children: string;
  /** What the files are, for those who cannot see. */
  label: string;
  /** Endings and media types, as a browser takes them. */
  accept: string;
  multiple?: boolean;
  disabled: boolean;
  onFiles: (files: File[]) => void;
};

/** A button that opens the device's own picker of files. */
export function FilePicker({ children, label, accept, multiple = false, disabled, onFiles }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => picker.current?.click()} disabled={disabled}>
        {children}
      </Button>
      <input
        ref={picker}
        type="file"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        accept={accept}
        multiple={multiple}
        onChange={(e) => {
          const files = [...(e.target.files ?? [])];
          if (files.length > 0) {
            onFiles(files);
          }
          e.target.value = '';
        }}
      />
    </>
  );
}
