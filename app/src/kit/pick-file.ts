/** Lets the person choose a file of the device; null when none was chosen. */
export function pickFile(accept: string): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('change', () => resolve(input.files?.[0] ?? null));
    input.addEventListener('cancel', () => resolve(null));
    input.click();
  });
}

/** Lets the person choose a file of rows, and hands on its text; nothing happens when none was chosen. */
export async function pickText(onText: (text: string) => void): Promise<void> {
  const file = await pickFile('.csv,.txt,text/csv,text/plain');
  if (file) onText(await file.text());
}
