package littlesummit.app.workbench.form;

import org.yaml.snakeyaml.error.Mark;

/** Where a mark of the parser, which counts code points, is in a text, which is counted in characters. */
final class Offsets {
    private final int[] starts;

    Offsets(String text) {
        starts = new int[text.codePointCount(0, text.length()) + 1];
        int at = 0;
        for (int i = 0; i < starts.length; i++) {
            starts[i] = at;
            at += at < text.length() ? Character.charCount(text.codePointAt(at)) : 0;
        }
    }

    int of(Mark mark) {
        return starts[Math.min(mark.getIndex(), starts.length - 1)];
    }
}
