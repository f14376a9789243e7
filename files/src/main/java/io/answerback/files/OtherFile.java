package io.answerback.files;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/// What a file is that was opened as a job and is none, by how it begins, and where it belongs.
final class OtherFile {
    private record Beginning(String bytes, String what) {}

    private static final List<Beginning> BEGINNINGS = List.of(
            new Beginning("%PDF", "a PDF document. Open it with a viewer"),
            new Beginning("PK\u0003\u0004", "a ZIP archive or an office document. Save a table as CSV to bring it in"),
            new Beginning(
                    "\u0089PNG", "a picture. Drop it on the window while a job is open to keep it as a photograph"),
            new Beginning(
                    "\u00ff\u00d8\u00ff",
                    "a picture. Drop it on the window while a job is open to keep it as a photograph"),
            new Beginning("RIFF", "a sound. Drop it on the window while a job is open to read the call in it"),
            new Beginning("<", "a web page or another file with tags"));

    private OtherFile() {}

    /// What bytes are, after "it is"; empty for what may be a job.
    static Optional<String> of(byte[] bytes) {
        String begin = new String(bytes, 0, Math.min(bytes.length, 64), StandardCharsets.ISO_8859_1).stripLeading();
        return BEGINNINGS.stream()
                .filter(its -> begin.startsWith(its.bytes()))
                .map(Beginning::what)
                .findFirst()
                .or(() -> text(begin));
    }

    private static Optional<String> text(String begin) {
        boolean marked = List.of("\u00ef\u00bb\u00bf", "\u00fe\u00ff", "\u00ff\u00fe").stream()
                .anyMatch(begin::startsWith);
        if (begin.isEmpty() || begin.startsWith("{") || marked) {
            return Optional.empty();
        }
        String first = begin.lines().findFirst().orElse("");
        boolean table = first.contains(",") || first.contains(";") || first.contains("\t");
        return Optional.of(
                table
                        ? "a table. Bring it in with Ctrl+I while a job is open"
                        : "text. A job begins with \"{\", for it is JSON");
    }

    /// What a document of ours is by its format, after "it is"; empty for what is none of them.
    static Optional<String> ofFormat(String format, boolean rules, boolean profile) {
        return switch (format) {
            case "answerback-case" -> Optional.of("a story of a panel. Open it under Prove, Stories");
            case "answerback-station-keys" -> Optional.of("the keys of stations, which this computer keeps for itself");
            case "answerback-unsaved" -> Optional.of("unsaved edits, which come back when their job is opened");
            default ->
                rules
                        ? Optional.of("house rules. Drop them on the window")
                        : profile ? Optional.of("a panel profile. Drop it on the window") : Optional.empty();
        };
    }
}
