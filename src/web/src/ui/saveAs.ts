/** Hands a text to the browser as a file. */
export function saveAs(name: string, text: string, type = "text/plain") {
  const link = document.createElement("a");
  const address = URL.createObjectURL(new Blob([text], { type }));
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
