package io.answerback.desktop.communicator;

import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.TypedSecret;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;

/// The pass phrase under which this computer keeps the keys of stations and the passwords of mail servers:
/// chosen the first time, asked for afterwards.
public final class PassPhrasePart {
    private static final int LETTERS = 16;

    private final Actions actions;
    private final StoredKeys keys;
    private final Runnable again;
    private final TypedSecret phrase = new TypedSecret();
    private final TypedSecret repeated = new TypedSecret();
    private int emptied;

    /// @param again shows the sheet again
    public PassPhrasePart(Actions actions, StoredKeys keys, Runnable again) {
        this.actions = actions;
        this.keys = keys;
        this.again = again;
    }

    /// What has to be typed before the keys and passwords can be used; "open" once they can.
    public Part part() {
        return switch (keys.state().get()) {
            case NONE -> begin();
            case LOCKED -> locked();
            case WORKING -> Words.quiet("One moment: a pass phrase takes time to check, so that it is hard to guess.");
            case OPEN ->
                Parts.flow(Tool.of("Lock", "until the pass phrase is typed again", this::lock))
                        .style("switches")
                        .group();
        };
    }

    private Part begin() {
        return Parts.column(
                        Words.wrapped(
                                Words.quiet(
                                        "Nothing is kept on this computer yet. Choose a pass phrase of 12 letters"
                                                + " or more. It cannot be recovered: without it everything has to be typed again.")),
                        Parts.flow(
                                        Words.quiet("Pass phrase"),
                                        phrase("New pass phrase", this::begun),
                                        Words.quiet("again"),
                                        new Secret(
                                                "The same pass phrase again",
                                                LETTERS,
                                                repeated::type,
                                                this::begun,
                                                emptied),
                                        Tool.of(
                                                "Begin",
                                                "keeps keys and passwords under this pass phrase",
                                                this::begun))
                                .style("programming")
                                .group())
                .group();
    }

    private Secret phrase(String name, Runnable done) {
        return new Secret(name, LETTERS, phrase::type, done, emptied);
    }

    private void begun() {
        if (!phrase.same(repeated)) {
            actions.tell("The two pass phrases differ. Type both again.");
            empty();
            again.run();
            return;
        }
        char[] typed = phrase.takeOut();
        empty();
        keys.begin(typed, actions::tell);
    }

    private Part locked() {
        return Parts.flow(
                        Words.quiet("Locked. Pass phrase"),
                        phrase("Pass phrase", this::unlock),
                        Tool.of("Open", "until it is locked or the window closes", this::unlock))
                .style("programming")
                .group();
    }

    private void unlock() {
        char[] typed = phrase.takeOut();
        empty();
        keys.open(typed, actions::tell);
    }

    /// Forgets what was typed.
    public void empty() {
        phrase.wipe();
        repeated.wipe();
        emptied++;
    }

    private void lock() {
        empty();
        keys.lock();
    }
}
