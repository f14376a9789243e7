package io.answerback.command;

import java.lang.foreign.Arena;
import java.lang.foreign.SymbolLookup;
import java.util.Locale;
import java.util.Optional;

/// Chooses where JavaFX draws: on the display, or offscreen when there is none.
final class Window {
    private Window() {}

    /// Chooses, and says so on standard error when it is offscreen.
    static void choose() {
        if (System.getProperty("glass.platform") == null) {
            whyOffscreen().ifPresent(why -> {
                System.err.println(why + ": running offscreen.");
                offscreen();
            });
        }
    }

    static void offscreen() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        System.setProperty("java.awt.headless", "true");
    }

    private static Optional<String> whyOffscreen() {
        if (!System.getProperty("os.name").toLowerCase(Locale.ROOT).contains("linux")) {
            return Optional.empty();
        }
        if (System.getenv("DISPLAY") == null) {
            return Optional.of("There is no display");
        }
        return hasGtk() ? Optional.empty() : Optional.of("The display needs GTK 3 (install libgtk-3-0)");
    }

    @SuppressWarnings("restricted")
    private static boolean hasGtk() {
        try (Arena arena = Arena.ofConfined()) {
            SymbolLookup.libraryLookup("libgtk-3.so.0", arena);
            return true;
        } catch (IllegalArgumentException missing) {
            return false;
        }
    }
}
