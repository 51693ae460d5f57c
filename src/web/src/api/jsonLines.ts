/** The objects of an answer that comes line by line, each as soon as it is there. */
export async function* jsonLines<Line>(stream: ReadableStream<Uint8Array>): AsyncGenerator<Line> {
  const reader = stream.getReader();
  const decoder = new TextDecoder();
  let text = "";
  for (;;) {
    const { done, value } = await reader.read();
    text += decoder.decode(value, { stream: !done });
    let end = text.indexOf("\n");
    for (; end >= 0; end = text.indexOf("\n")) {
      yield JSON.parse(text.slice(0, end)) as Line;
      text = text.slice(end + 1);
    }
    if (done) return;
  }
}
