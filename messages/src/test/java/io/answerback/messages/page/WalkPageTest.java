package io.answerback.messages.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The page of a walk, asked as a phone asks it.
class WalkPageTest {
    private final AtomicLong now = new AtomicLong();
    private final BlockingQueue<String> here = new LinkedBlockingQueue<>();
    private WalkPage page;
    private HttpClient phone;

    @BeforeEach
    void open() throws Exception {
        page = WalkPage.open(InetAddress.getLoopbackAddress(), 0, WalkPageTest::state, here::add, now::get);
        phone = phone();
    }

    @AfterEach
    void close() {
        page.close();
    }

    private static HttpClient phone() {
        return HttpClient.newHttpClient();
    }

    private static PageState state() {
        return new PageState(
                "A <site>",
                "07: as planned",
                "",
                false,
                List.of(new PageState.PageLine("point:07", "07 Door", "130 · 02 · 015", "open", "open", true)));
    }

    private HttpResponse<String> get(String where, String cookie) throws Exception {
        return phone.send(
                HttpRequest.newBuilder(uri(where)).header("Cookie", cookie).build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> post(String where, String cookie, String body) throws Exception {
        return phone.send(
                HttpRequest.newBuilder(uri(where))
                        .header("Cookie", cookie)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private URI uri(String where) {
        return URI.create("http://localhost:" + page.port() + where);
    }

    private String cookie() throws Exception {
        HttpResponse<String> opened = post("/open", "none=1", page.code());
        assertThat(opened.statusCode()).isEqualTo(200);
        return opened.headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
    }

    @Test
    void withoutTheCodeNothingOfTheJobIsSeen() throws Exception {
        assertThat(get("/", "none=1").body())
                .contains("Code that the window shows")
                .doesNotContain("Door");
        assertThat(get("/state", "none=1").statusCode()).isEqualTo(403);
        assertThat(get("/state", "walk=guess").statusCode()).isEqualTo(403);
        assertThat(post("/here", "none=1", "point:07").statusCode()).isEqualTo(403);
        assertThat(here).isEmpty();
        assertThat(get("/etc", "none=1").statusCode()).isEqualTo(404);
        assertThat(get("/../etc", "none=1").statusCode()).isEqualTo(400);
    }

    @Test
    void withTheCodeTheListIsReadAndOnlyOneThingIsSaidBack() throws Exception {
        String cookie = cookie();
        assertThat(get("/state", cookie).body()).contains("\"id\":\"point:07\"", "A <site>");
        assertThat(post("/here", cookie, "point:07").statusCode()).isEqualTo(200);
        assertThat(here.poll(5, TimeUnit.SECONDS)).isEqualTo("point:07");
        assertThat(post("/here", cookie, "x".repeat(5000)).statusCode()).isEqualTo(413);
        assertThat(here).isEmpty();
    }

    /// Phones that go out of reach in the middle of a request keep nobody waiting, and what they saw they see again.
    @Test
    void phonesThatGoAwayKeepNobodyWaiting() throws Exception {
        String cookie = cookie();
        for (int i = 0; i < 20; i++) {
            try (Socket gone = new Socket(InetAddress.getLoopbackAddress(), page.port())) {
                gone.getOutputStream()
                        .write(
                                "POST /here HTTP/1.1\r\nHost: localhost:%d\r\nCookie: %s\r\nContent-Length: 200\r\n\r\npoi"
                                        .formatted(page.port(), cookie)
                                        .getBytes(StandardCharsets.US_ASCII));
            }
        }
        phone = phone();
        assertThat(get("/state", cookie).body()).contains("\"id\":\"point:07\"");
        assertThat(here).doesNotContain("point:07");
    }

    @Test
    void guessingIsSlowedAndThenLocked() throws Exception {
        String wrong = page.code().equals("000000") ? "111111" : "000000";
        assertThat(post("/open", "none=1", wrong).body()).isEqualTo("That is not the code.");
        assertThat(post("/open", "none=1", page.code()).body()).startsWith("Wait 1 s");
        long wait = 1000;
        for (int i = 1; i < 10; i++) {
            now.addAndGet(wait);
            assertThat(post("/open", "none=1", wrong).body()).isEqualTo("That is not the code.");
            wait *= 2;
        }
        now.addAndGet(10 * wait);
        assertThat(post("/open", "none=1", page.code()).body()).startsWith("Locked");
    }

    @Test
    void whoIsInsideStaysInsideWhileOthersGuess() throws Exception {
        String cookie = cookie();
        post("/open", "none=1", "999");
        assertThat(get("/state", cookie).statusCode()).isEqualTo(200);
    }
}
