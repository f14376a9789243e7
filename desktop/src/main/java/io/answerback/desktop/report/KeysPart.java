package io.answerback.desktop.report;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.desktop.communicator.PassPhrasePart;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.TypedSecret;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.files.secret.StationKeys.Place;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The keys that stations gave for the accounts of a job: kept on this computer under a pass phrase, never in
/// the job.
final class KeysPart {
    private static final int KEY_LETTERS = 18;
    private static final Comparator<Place> BY_NAME =
            Comparator.comparing(Place::receiver).thenComparing(Place::account);

    private final Actions actions;
    private final StoredKeys keys;
    private final Runnable again;
    private final PassPhrasePart passPhrase;
    private final Map<Place, TypedSecret> digits = new HashMap<>();
    private int emptied;

    /// @param again shows the sheet again
    KeysPart(Actions actions, StoredKeys keys, Runnable again) {
        this.actions = actions;
        this.keys = keys;
        this.again = again;
        this.passPhrase = new PassPhrasePart(actions, keys, again);
    }

    /// A key that the job needs.
    private record Wanted(Place place, int bits) {}

    /// The part; nothing for a job that encrypts nothing.
    List<Part> parts(Job job) {
        List<Receiver> encrypted = job.receivers().stream()
                .filter(receiver -> receiver.reception().keyBits() > 0)
                .toList();
        if (encrypted.isEmpty()) {
            return List.of();
        }
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section("Keys", "kept on this computer, encrypted; no part of the job")
                .style("section-ruled"));
        if (keys.state().get() == StoredKeys.State.OPEN) {
            parts.addAll(open(job, encrypted));
        }
        parts.add(passPhrase.part());
        return parts;
    }

    private void empty() {
        passPhrase.empty();
        digits.values().forEach(TypedSecret::wipe);
        emptied++;
    }

    private List<Part> open(Job job, List<Receiver> encrypted) {
        Set<Place> here = new HashSet<>();
        Grid.Filling grid = Grid.filling("table", "load-table");
        for (Receiver receiver : encrypted) {
            for (String account : Routing.accounts(job, receiver)) {
                Place.of(receiver.name(), account)
                        .filter(here::add)
                        .ifPresent(place -> grid.line(
                                place,
                                line(new Wanted(place, receiver.reception().keyBits()))));
            }
        }
        List<Part> parts = new ArrayList<>();
        parts.add(here.isEmpty() ? Words.empty("A key is for an account; there is none yet.") : grid.grid());
        here.stream().sorted(BY_NAME).forEach(place -> parts.addAll(renamed(place, here)));
        long others = keys.keys().places().stream()
                .filter(place -> !here.contains(place))
                .count();
        String words = others == 0
                ? ""
                : Text.of(
                        others == 1
                                ? "%d other key is kept, for another job or another name of a receiver."
                                : "%d other keys are kept, for other jobs or other names of receivers.",
                        others);
        if (!words.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet(words)));
        }
        return parts;
    }

    /// A key that is kept for the same account under a name that this job does not have: most likely the
    /// receiver has been renamed since.
    private List<Part> renamed(Place place, Set<Place> here) {
        if (keys.keys().of(place).isPresent()) {
            return List.of();
        }
        return keys.keys().elsewhere(place).stream()
                .filter(other -> !here.contains(other))
                .<Part>map(other -> Parts.flow(
                                Words.quiet(Text.of(
                                        "A key for account %s is kept under the name %s.",
                                        place.account(), other.receiver())),
                                Tool.of(
                                        "Use it for " + place.receiver(),
                                        "moves the key to the name that the receiver has now",
                                        () -> keys.move(other, place, actions::tell)))
                        .style("switches")
                        .group())
                .toList();
    }

    private List<Part> line(Wanted wanted) {
        Place place = wanted.place();
        Optional<EncryptionKey> kept = keys.keys().of(place);
        boolean fits = kept.filter(key -> key.bits() == wanted.bits()).isPresent();
        String name = "account " + place.account() + " at " + place.receiver();
        List<Part> line = new ArrayList<>();
        line.add(Marks.of(fits ? Mark.SOUND : kept.isPresent() ? Mark.WRONG : Mark.NOT_DONE, name));
        line.add(Words.whole(Words.figure(place.account())));
        line.add(Words.wrapped(Words.quiet("at " + place.receiver() + ": " + state(kept, wanted.bits()))));
        line.add(new Secret(
                "Key for " + name,
                KEY_LETTERS,
                typed -> digits.computeIfAbsent(place, key -> new TypedSecret()).type(typed),
                () -> keep(wanted),
                emptied));
        line.add(Tool.of("Keep", "the key for " + name, () -> keep(wanted)));
        line.add(
                kept.isPresent()
                        ? Tool.of("Remove", "the key for " + name, () -> keys.remove(place, actions::tell))
                        : Words.quiet(""));
        return line;
    }

    private static String state(Optional<EncryptionKey> kept, int bits) {
        if (kept.isEmpty()) {
            return Text.of("no key; %d hexadecimal digits", bits / 4);
        }
        int there = kept.get().bits();
        return there == bits
                ? Text.of("key of %d bits, kept", bits)
                : Text.of("the key that is kept has %d bits, the receiver takes %d", there, bits);
    }

    private void keep(Wanted wanted) {
        char[] typed =
                digits.computeIfAbsent(wanted.place(), key -> new TypedSecret()).takeOut();
        empty();
        keys.keep(wanted.place(), typed, wanted.bits(), actions::tell);
        again.run();
    }
}
