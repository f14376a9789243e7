package io.answerback.messages.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.File;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The page in a real browser, at the width of a phone and of a desk. Skipped where no Chromium is installed.
class WalkPageBrowserTest {
    private static final List<String> NAMES = List.of("chromium", "chromium-browser", "google-chrome");

    @TempDir
    Path folder;

    private static Optional<Path> browser() {
        return Arrays.stream(System.getenv("PATH").split(File.pathSeparator))
                .flatMap(place -> NAMES.stream().map(name -> Path.of(place, name)))
                .filter(Files::isExecutable)
                .findFirst();
    }

    private static PageState state() {
        return new PageState(
                "Sample site",
                "18 Dock office movement: area 01, planned 02",
                "Zone 12 is in area 01 in the panel. The plan has it in 02.",
                true,
                List.of(
                        new PageState.PageLine("point:07", "07 Dock door", "130 · 02 · 015", "open", "open", true),
                        new PageState.PageLine(
                                "point:08", "08 Dock movement", "130 · 02 · 016", "live, jk", "proven", false)));
    }

    private String seen(Path browser, String address, int width) throws IOException, InterruptedException {
        Path out = folder.resolve("dom.html");
        Process process = new ProcessBuilder(
                        browser.toString(),
                        "--headless=new",
                        "--no-sandbox",
                        "--disable-gpu",
                        "--user-data-dir=" + folder.resolve("profile" + width),
                        "--window-size=" + width + ",800",
                        "--virtual-time-budget=8000",
                        "--dump-dom",
                        address)
                .redirectOutput(out.toFile())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        boolean ended = process.waitFor(60, TimeUnit.SECONDS);
        process.destroyForcibly();
        assertThat(ended).as("the browser ends").isTrue();
        return Files.readString(out, StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(ints = {390, 1280})
    void theListIsReadInABrowser(int width) throws Exception {
        Optional<Path> browser = browser();
        assumeTrue(browser.isPresent(), "no Chromium is installed here");
        try (WalkPage page =
                WalkPage.open(InetAddress.getLoopbackAddress(), 0, WalkPageBrowserTest::state, id -> {}, () -> 0)) {
            String address = "http://127.0.0.1:" + page.port() + "/";
            assertThat(seen(browser.get(), address, width))
                    .contains("Code that the window shows")
                    .doesNotContain("07 Dock door");
            assertThat(seen(browser.get(), address + "#" + page.code(), width))
                    .contains("07 Dock door", "I am here", "area 01, planned 02", "class=\"line proven\"");
        }
    }
}
