package io.answerback.desktop.live;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Edit;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.station.Received;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import javafx.util.Subscription;

/// A live walk: signals that come from outside tick their lines. Called on the JavaFX thread. Waiting is measured
/// by a clock that never jumps; what was shown is kept with the time of day.
public final class WalkPractice {
    private static final int MOST_NOTES = 200;

    /// A note with the time it was made.
    public record Noted(Instant at, WalkNote note) {}

    private final ObservableList<RollEntry> roll;
    private final ObservableValue<AcceptancePlan> plans;
    private final ListChangeListener<RollEntry> listener = this::came;
    private final InstantSource clock;
    private final LongSupplier millis;
    private final Consumer<Edit> apply;
    private final Consumer<WalkNote> heard;
    private final Supplier<Acceptance> found;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final List<Noted> notes = new ArrayList<>();
    private Optional<LiveWalk> walk = Optional.empty();
    private Subscription following = Subscription.EMPTY;
    private String by = "";

    /// @param roll what arrives at the practice station, newest first
    /// @param plans the plan of the open job, as it changes
    /// @param clock the time of day
    /// @param millis a clock that never jumps, in milliseconds
    /// @param apply makes an edit
    /// @param found what the job keeps of what was shown and found
    /// @param heard told of each note as it is made
    public WalkPractice(
            ObservableList<RollEntry> roll,
            ObservableValue<AcceptancePlan> plans,
            InstantSource clock,
            LongSupplier millis,
            Consumer<Edit> apply,
            Supplier<Acceptance> found,
            Consumer<WalkNote> heard) {
        this.found = found;
        this.heard = heard;
        this.roll = roll;
        this.plans = plans;
        this.clock = clock;
        this.millis = millis;
        this.apply = apply;
    }

    private void came(ListChangeListener.Change<? extends RollEntry> change) {
        while (change.next()) {
            change.getAddedSubList().reversed().forEach(this::came);
        }
    }

    /// Begins a walk.
    ///
    /// @param who who walks, such as initials
    public void begin(AcceptancePlan plan, String who) {
        stopListening();
        walk = Optional.of(LiveWalk.of(plan));
        by = who;
        notes.clear();
        roll.addListener(listener);
        following = plans.subscribe(this::by);
        changed();
    }

    /// Ends it; what was shown stays.
    public void end() {
        stopListening();
        walk = Optional.empty();
        changed();
    }

    /// It listens only while somebody walks, so that a bench that is dropped is let go of.
    private void stopListening() {
        roll.removeListener(listener);
        following.unsubscribe();
        following = Subscription.EMPTY;
    }

    /// The plan was changed meanwhile, as when what was wrong is mended.
    private void by(AcceptancePlan plan) {
        if (walk.isPresent()) {
            walk = walk.map(its -> its.by(plan));
            changed();
        }
    }

    /// The walk as far as it has come; empty while nobody walks.
    public Optional<LiveWalk> walk() {
        return walk;
    }

    /// What was noted, newest first.
    public List<Noted> notes() {
        return List.copyOf(notes);
    }

    /// What is to be read across a room: what was found wrong with a line last and still stands, else what came
    /// last.
    public Optional<Noted> worst() {
        List<FoundOnWalk> standing =
                found.get().found().stream().filter(FoundOnWalk::stands).toList();
        return notes.stream()
                .filter(noted ->
                        noted.note().kind().wrong() && noted.note().lineId().isPresent())
                .filter(noted -> standing.stream()
                        .anyMatch(its -> its.says().equals(noted.note().says())))
                .findFirst()
                .or(() -> notes.stream().findFirst());
    }

    /// Somebody is at this point now, or no longer.
    public void at(String lineId) {
        walk = walk.map(
                its -> its.at(its.at().filter(lineId::equals).isPresent() ? Optional.empty() : Optional.of(lineId)));
        changed();
    }

    /// Shows again what was changed beside the walk.
    public void again() {
        changed();
    }

    /// What is overdue is said; to be called once a second.
    public void tick() {
        walk.flatMap(its -> its.overdue(millis.getAsLong())).ifPresent(step -> {
            take(step, Optional.empty());
            changed();
        });
    }

    private void came(RollEntry entry) {
        if (walk.isEmpty() || !entry.outside()) {
            return;
        }
        Received received = entry.received();
        boolean taken = received.answer().equals(Optional.of(Answer.ACK));
        if (taken && !received.unlike().isEmpty()) {
            take(new LiveWalk.Step(walk.get(), WalkNote.unlike(received.what(), received.unlike())), received.signal());
            changed();
        } else if (!taken && !received.problems().isEmpty()) {
            take(
                    new LiveWalk.Step(walk.get(), WalkNote.refused(received.what(), received.problems())),
                    received.signal());
            changed();
        } else if (taken && received.signal().isPresent()) {
            LiveWalk.Step step = walk.get().arrives(received.signal().get(), millis.getAsLong());
            take(step, received.signal());
            if (step.note().kind() == WalkNote.Kind.SHOWN) {
                keep(step);
            }
            changed();
        }
    }

    private void take(LiveWalk.Step step, Optional<Signal> came) {
        walk = Optional.of(step.walk());
        List<FoundOnWalk> news = step.note().found(came, step.walk().plan(), by, clock.instant()).stream()
                .filter(its -> !found.get().knows(its))
                .toList();
        if (!news.isEmpty()) {
            apply.accept(AcceptanceEdits.found(news));
        }
        notes.addFirst(new Noted(clock.instant(), step.note()));
        heard.accept(step.note());
        if (notes.size() > MOST_NOTES) {
            notes.removeLast();
        }
    }

    private void keep(LiveWalk.Step step) {
        step.note().lineId().flatMap(step.walk().plan()::line).ifPresent(line -> apply.accept(shown(line)));
    }

    private Edit shown(AcceptanceLine line) {
        return AcceptanceEdits.shown(new Showing(
                line.id(), Showing.Way.LIVE, by, clock.instant(), "its signals came as planned", line.basis()));
    }

    /// Grows whenever something changed that a sheet may show.
    public ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }
}
