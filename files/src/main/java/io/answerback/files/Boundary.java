package io.answerback.files;

import java.io.IOException;
import tools.jackson.core.JacksonException;

/// Where anything comes in from outside, whatever kind of file it is: whatever goes wrong while it is read
/// becomes a refusal that says what, where and what to do next, in our words and within a few lines.
public final class Boundary {
    private static final int LONGEST_WORD = 60;
    private static final int LONGEST_REASON = 700;

    private Boundary() {}

    /// Reads something from outside.
    public interface Reading<T> {
        /// What was read.
        T read() throws BrokenFile, IOException;
    }

    /// What was read.
    ///
    /// @param name what it is called, for messages
    /// @param next what to do about what cannot be used, as a sentence
    /// @throws BrokenFile when it cannot be read, or anything in it cannot be used
    public static <T> T read(String name, String next, Reading<T> reading) throws BrokenFile {
        try {
            return reading.read();
        } catch (BrokenFile refused) {
            throw refused.getClass() == BrokenFile.class
                    ? new BrokenFile(shortened(refused.getMessage(), name))
                    : refused;
        } catch (JacksonException broken) {
            throw new BrokenFile(
                    shortened(JsonComplaint.about(broken, name, next).getMessage(), name));
        } catch (IOException refused) {
            throw new BrokenFile("%s cannot be read: %s. Check that it is there and that you may read it."
                    .formatted(name, shortened(DiskWords.of(refused), name)));
        } catch (OutOfMemoryError full) {
            throw new BrokenFile(
                    "%s needs more memory than there is. Choose a smaller one, or close other jobs.".formatted(name));
        } catch (RuntimeException | StackOverflowError broken) {
            throw new BrokenFile("%s: %s. %s".formatted(name, why(broken), next).strip(), broken);
        }
    }

    /// Figures and names that our own records refuse say why; what Java says of itself does not help on site.
    private static String why(Throwable broken) {
        StackTraceElement[] from = broken.getStackTrace();
        boolean ours = broken.getClass() == IllegalArgumentException.class
                && from.length > 0
                && from[0].getClassName().startsWith("io.answerback.");
        return ours ? shortened(broken.getMessage(), "") : "something in it is damaged and cannot be used";
    }

    /// In a line of words that fit a window; the name of the file stays whole.
    private static String shortened(String message, String name) {
        String begin = message.startsWith(name) ? name : "";
        String rest = message.substring(begin.length())
                .replaceAll("[\\p{Cc}\\p{Zl}\\p{Zp}]+", "·")
                .replaceAll("(\\S{" + LONGEST_WORD + "})\\S+", "$1…");
        return begin + (rest.length() > LONGEST_REASON ? rest.substring(0, LONGEST_REASON) + "…" : rest);
    }
}
