package io.answerback.desktop.report;

import io.answerback.core.chain.Mark;
import io.answerback.core.common.Text;
import io.answerback.core.format.EncryptionKey;
import io.answerback.core.routing.Routing;
import io.answerback.core.site.Job;
import io.answerback.core.site.Receiver;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.files.secret.StationKeys.Place;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The keys that stations gave for the accounts of a job: kept on this computer under a pass phrase, never in
/// the job.
final class KeysPart {
    private static final int PHRASE_LETTERS = 16;
    private static final int KEY_LETTERS = 18;

    private final Actions actions;
    private final StoredKeys keys;
    private final Runnable again;
    private final Map<Place, String> digits = new HashMap<>();
    private String phrase = "";
    private String repeated = "";
    private int emptied;

    /// @param again shows the sheet again
    KeysPart(Actions actions, StoredKeys keys, Runnable again) {
        this.actions = actions;
        this.keys = keys;
        this.again = again;
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
        switch (keys.state().get()) {
            case NONE -> parts.add(begin());
            case LOCKED -> parts.add(locked());
            case WORKING ->
                parts.add(Words.quiet("One moment: a pass phrase takes time to check, so that it is hard to guess."));
            case OPEN -> parts.addAll(open(job, encrypted));
        }
        return parts;
    }

    private Part begin() {
        return Parts.column(
                        Words.wrapped(
                                Words.quiet(
                                        "There are no keys on this computer yet. Choose a pass phrase of 12"
                                                + " letters or more. It cannot be found again: without it the keys have to be typed anew.")),
                        Parts.flow(
                                        Words.quiet("Pass phrase"),
                                        phrase("New pass phrase", this::begun),
                                        Words.quiet("again"),
                                        new Secret(
                                                "The same pass phrase again",
                                                PHRASE_LETTERS,
                                                typed -> repeated = typed,
                                                this::begun,
                                                emptied),
                                        Tool.of("Begin", "keeps keys under this pass phrase", this::begun))
                                .style("programming")
                                .group())
                .group();
    }

    private Secret phrase(String name, Runnable done) {
        return new Secret(name, PHRASE_LETTERS, typed -> phrase = typed, done, emptied);
    }

    private void begun() {
        if (!phrase.equals(repeated)) {
            actions.tell("The two pass phrases differ. Type both again.");
            empty();
            again.run();
            return;
        }
        String typed = phrase;
        empty();
        keys.begin(typed, actions::tell);
    }

    private Part locked() {
        return Parts.flow(
                        Words.quiet("The keys are locked. Pass phrase"),
                        phrase("Pass phrase", this::unlock),
                        Tool.of("Open", "until they are locked or the window closes", this::unlock))
                .style("programming")
                .group();
    }

    private void unlock() {
        String typed = phrase;
        empty();
        keys.open(typed, actions::tell);
    }

    private void empty() {
        phrase = "";
        repeated = "";
        digits.clear();
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
        parts.add(Parts.flow(Tool.of("Lock", "until the pass phrase is typed again", this::lock), Words.quiet(words))
                .style("switches")
                .group());
        return parts;
    }

    private void lock() {
        empty();
        keys.lock();
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
                "Key for " + name, KEY_LETTERS, typed -> digits.put(place, typed), () -> keep(wanted), emptied));
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
        String typed = digits.getOrDefault(wanted.place(), "");
        empty();
        keys.keep(wanted.place(), typed, wanted.bits(), actions::tell);
        again.run();
    }
}
