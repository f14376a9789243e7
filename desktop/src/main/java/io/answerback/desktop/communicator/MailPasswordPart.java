package io.answerback.desktop.communicator;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.TypedSecret;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.files.secret.MailPasswords.Login;
import java.util.List;
import java.util.Optional;

/// The password of the account at the mail server: typed for one mail, or kept on this computer under the pass
/// phrase. It is never part of the job.
final class MailPasswordPart {
    private static final int LETTERS = 16;

    private final Actions actions;
    private final StoredKeys keys;
    private final Runnable again;
    private final PassPhrasePart passPhrase;
    private boolean keeping;
    private final TypedSecret typed = new TypedSecret();
    private int emptied;

    MailPasswordPart(Actions actions, StoredKeys keys, Runnable again) {
        this.actions = actions;
        this.keys = keys;
        this.again = again;
        this.passPhrase = new PassPhrasePart(actions, keys, again);
    }

    /// The field in which it is typed, or that it is kept; nothing for a server that asks for none.
    List<Part> parts(MailPlan plan) {
        if (plan.account().isEmpty()) {
            return List.of();
        }
        Optional<Login> login = Login.of(plan);
        if (login.filter(keys.passwords()::has).isPresent()) {
            return List.of(Parts.flow(
                            Words.quiet("Password saved"),
                            Tool.of(
                                    "Delete password",
                                    "removes the password of this account from this computer",
                                    () -> keys.remove(login.get(), actions::tell)))
                    .style("switches")
                    .group());
        }
        Parts row = Parts.flow(
                Words.quiet("Password"),
                new Secret("Password of the mail account", LETTERS, typed::type, () -> {}, emptied));
        if (login.isPresent()) {
            row.add(Tool.of(
                    "Save password",
                    "on this computer, encrypted under the pass phrase of the keys; never in the job",
                    () -> keep(login.get())));
        }
        return List.of(row.style("switches").group());
    }

    private void keep(Login login) {
        if (keys.state().get() != StoredKeys.State.OPEN) {
            keeping = true;
            again.run();
            return;
        }
        if (typed.isEmpty()) {
            actions.tell("There is no password to save. Type it first.");
            return;
        }
        keys.keep(login, typed.takeOut(), actions::tell);
        empty();
    }

    /// The pass phrase, where it is needed before the password can be kept or used; else nothing.
    List<Part> unlocking(MailPlan plan) {
        StoredKeys.State state = keys.state().get();
        boolean mayBeKept = state == StoredKeys.State.LOCKED || state == StoredKeys.State.WORKING || keeping;
        if (Login.of(plan).isEmpty() || !mayBeKept || state == StoredKeys.State.OPEN) {
            return List.of();
        }
        return List.of(Parts.column(
                        Words.wrapped(Words.quiet(
                                state == StoredKeys.State.LOCKED
                                        ? "Type the pass phrase to use the passwords saved on this computer."
                                        : "Passwords on this computer are saved under one pass phrase.")),
                        passPhrase.part())
                .group());
    }

    /// The password for one mail, typed or kept; empty for none. What was typed is forgotten; whoever takes it
    /// wipes it.
    char[] take(MailPlan plan) {
        char[] one =
                typed.isEmpty() ? Login.of(plan).flatMap(keys.passwords()::of).orElse(new char[0]) : typed.takeOut();
        empty();
        return one;
    }

    private void empty() {
        typed.wipe();
        emptied++;
        again.run();
    }
}
