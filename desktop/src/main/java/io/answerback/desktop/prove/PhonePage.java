package io.answerback.desktop.prove;

import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.desktop.live.WalkPractice;
import io.answerback.desktop.live.WalkPractice.Noted;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Background;
import io.answerback.messages.page.PageState;
import io.answerback.messages.page.WalkPage;
import io.answerback.station.OwnAddresses;
import java.net.InetAddress;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;

/// The list of the walk on a phone: a page on the site network that is opened by a deliberate press, and gone
/// when it is closed.
final class PhonePage implements AutoCloseable {
    private static final PageState NOTHING = new PageState("Live walk", "", "", false, List.of());

    private final WalkPractice walk;
    private final Background background;
    private final Executor window;
    private final LongSupplier millis;
    private final AtomicReference<PageState> state = new AtomicReference<>(NOTHING);
    private Optional<WalkPage> page = Optional.empty();
    private String reached = "";

    /// @param window does something on the window's thread
    /// @param millis a clock that never jumps, in milliseconds
    PhonePage(WalkPractice walk, Background background, Executor window, LongSupplier millis) {
        this.walk = walk;
        this.background = background;
        this.window = window;
        this.millis = millis;
    }

    /// What the phone shows from now on.
    void shows(Job job, PlanLines lines) {
        if (page.isPresent()) {
            state.set(state(job, lines));
        }
    }

    private PageState state(Job job, PlanLines lines) {
        Optional<WalkNote> last = walk.worst().map(Noted::note);
        Optional<String> at = walk.walk().flatMap(LiveWalk::at);
        return new PageState(
                job.site().name(),
                last.map(WalkNote::says).orElse(""),
                last.map(WalkNote::why).orElse(""),
                last.filter(note -> note.kind().wrong()).isPresent(),
                lines.states().stream()
                        .filter(state -> state.line().bySignal())
                        .map(state -> line(state, at))
                        .toList());
    }

    private PageState.PageLine line(LineState state, Optional<String> at) {
        String mark = switch (PlanLines.mark(state)) {
            case WRONG -> "wrong";
            case PROVEN -> "proven";
            case TIGHT -> "tight";
            case NOT_DONE, SOUND, STALE -> "not-shown";
        };
        return new PageState.PageLine(
                state.line().id(),
                state.line().title(),
                PlanLines.wanted(state.line()),
                PlanLines.standing(state),
                mark,
                at.filter(state.line().id()::equals).isPresent());
    }

    /// How it is reached, or the button that opens it.
    Part part() {
        Parts row = Parts.flow();
        if (page.isEmpty()) {
            row.add(Tool.of("On the phone", "opens a page on the site network, for this walk only", this::open));
        } else {
            row.add(
                    Words.of("told-name", reached),
                    Words.of("code", "code " + page.get().code()),
                    Tool.of("Close the page", "phones see nothing from then on", this::close));
        }
        return row.style("switches").group();
    }

    private void open() {
        background.run(
                () -> WalkPage.open(InetAddress.getByName("0.0.0.0"), 0, state::get, this::here, millis), opened -> {
                    page = Optional.of(opened);
                    List<String> hosts = OwnAddresses.onNetworks();
                    reached = (hosts.isEmpty() ? List.of("127.0.0.1") : hosts)
                            .stream()
                                    .map(host -> "http://" + host + ":" + opened.port())
                                    .collect(Collectors.joining(" or "));
                    walk.again();
                });
    }

    /// A phone can say nothing but at which line of the plan somebody is.
    private void here(String id) {
        window.execute(
                () -> walk.walk().filter(its -> its.plan().line(id).isPresent()).ifPresent(its -> walk.at(id)));
    }

    /// The page is gone at once.
    @Override
    public void close() {
        page.ifPresent(WalkPage::close);
        page = Optional.empty();
        walk.again();
    }
}
