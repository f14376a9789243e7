package io.answerback.desktop.report;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.Supplier;

/// The receivers in the order in which they are tried, each with what it can do and where it is reached; and the
/// accounts of the areas.
final class ReceiversSheet extends PartSheet {
    private static final String NOT_KNOWN = "not known";

    private final Actions actions;
    private final Supplier<List<ReceiverAbilities>> models;
    private final AccountsPart accounts;
    private final KeysPart keys;
    private Optional<String> adding = Optional.empty();

    ReceiversSheet(Actions actions, Supplier<List<ReceiverAbilities>> models, StoredKeys stored) {
        this.actions = actions;
        this.keys = new KeysPart(actions, stored, this::showAgain);
        this.models = models;
        this.accounts = new AccountsPart(actions);
    }

    @Override
    public String title() {
        return "Receivers and accounts";
    }

    @Override
    public String about(WindowState state) {
        return "receivers are tried from top to bottom";
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("What a receiver can do"),
                Words.wrapped(
                        Words.quiet(
                                "The kinds to choose from are samples; the figures of a real one are in its manual. Ask the station which formats it takes, which account it gives you, and in which order its receivers are tried.")),
                Words.caution(
                        "The station's key is no part of a job. It is kept on this computer, encrypted with your pass phrase; while there is none, a key made for this session is used."));
    }

    @Override
    public List<Part> middle(WindowState state) {
        Job job = state.job();
        List<Part> parts = new ArrayList<>();
        parts.add(adding());
        for (int i = 0; i < job.receivers().size(); i++) {
            parts.add(receiver(job.receivers().get(i), i));
        }
        parts.add(Words.section("Accounts", "what each area reports under").style("section-ruled"));
        parts.add(accounts.accounts(job));
        parts.addAll(keys.parts(job));
        return parts;
    }

    private Part adding() {
        List<ReceiverAbilities> all = models.get();
        ReceiverAbilities chosen = adding.flatMap(model ->
                        all.stream().filter(its -> its.model().equals(model)).findFirst())
                .orElse(all.getFirst());
        return Parts.flow(
                        Tool.primary("Add a receiver", () -> actions.apply(ReceiverEdits.add(chosen))),
                        Choice.of("Kind", all, chosen, ReceiverAbilities::model, its -> {
                            adding = Optional.of(its.model());
                            showAgain();
                        }))
                .style("switches")
                .group();
    }

    private Part receiver(Receiver receiver, int place) {
        ReceiverId id = receiver.id();
        Parts head = Parts.flow(
                Words.figure(place + 1 + "."),
                Value.of(
                        "Name of receiver " + id,
                        receiver.name(),
                        typed -> actions.apply(ReceiverEdits.of(id, "name", its -> its.withName(typed)))),
                Words.quiet(id.text()));
        if (place > 0) {
            head.add(Tool.of(
                    "Earlier", "tries it before the one above", () -> actions.apply(ReceiverEdits.earlier(id))));
        }
        head.add(Tool.of("Remove", "undo brings it back", () -> actions.apply(ReceiverEdits.remove(id))));
        Parts rows = Parts.column(head.style("programming").group(), can(receiver), reached(receiver));
        if (receiver.format().shape().isPresent()) {
            rows.add(tones(receiver));
        }
        return rows.style("receiver").group();
    }

    private Part can(Receiver receiver) {
        ReceiverId id = receiver.id();
        Parts row = Parts.flow(
                Words.quiet("It is a"),
                Choice.of(
                        "Kind of receiver " + id,
                        withOwn(receiver),
                        receiver.reception().abilities(),
                        ReceiverAbilities::model,
                        its -> actions.apply(ReceiverEdits.reception(id, "kind", was -> was.withAbilities(its)))),
                Words.quiet("and takes"),
                Choice.of(
                        "Format of receiver " + id,
                        receiver.reception().abilities().formats(),
                        receiver.format(),
                        ReportFormat::words,
                        its -> actions.apply(ReceiverEdits.reception(id, "format", was -> was.withFormat(its)))));
        if (receiver.format().shape().isPresent()) {
            row.add(Words.quiet("extended reports: "
                    + receiver.reception().abilities().joins().words()));
        }
        row.add(Words.quiet("account"), account(receiver));
        return row.style("receiver-row").group();
    }

    private Part tones(Receiver receiver) {
        ReceiverAbilities can = receiver.reception().abilities();
        return Parts.flow(
                        Words.quiet("asks for pulses with"),
                        tone(
                                receiver,
                                "Handshake",
                                ReceiverAbilities.HANDSHAKES,
                                can.handshakeHertz(),
                                its -> can.withTones(its, can.acknowledgeHertz())),
                        Words.quiet("and acknowledges with"),
                        tone(
                                receiver,
                                "Acknowledgement",
                                ReceiverAbilities.ACKNOWLEDGEMENTS,
                                can.acknowledgeHertz(),
                                its -> can.withTones(can.handshakeHertz(), its)))
                .style("receiver-row")
                .group();
    }

    private Part tone(
            Receiver receiver, String name, List<Integer> all, int now, IntFunction<ReceiverAbilities> other) {
        return Choice.of(
                name + " of receiver " + receiver.id(),
                all,
                now,
                its -> its + " Hz",
                its -> actions.apply(
                        ReceiverEdits.reception(receiver.id(), "tones", was -> was.withAbilities(other.apply(its)))));
    }

    private List<ReceiverAbilities> withOwn(Receiver receiver) {
        List<ReceiverAbilities> all = new ArrayList<>(models.get());
        if (!all.contains(receiver.reception().abilities())) {
            all.addFirst(receiver.reception().abilities());
        }
        return all;
    }

    private Part account(Receiver receiver) {
        String own = receiver.reception().account();
        return Value.of("Account at receiver " + receiver.id(), own.isEmpty() ? "of the area" : own, typed -> {
            String account = typed.strip().equals("of the area") ? "" : typed;
            return actions.apply(ReceiverEdits.reception(receiver.id(), "account", its -> its.withAccount(account)));
        });
    }

    private Part reached(Receiver receiver) {
        ReceiverId id = receiver.id();
        if (!receiver.format().overIp()) {
            return Parts.flow(
                            Words.quiet("dials"),
                            Value.of(
                                    "Number of receiver " + id,
                                    shown(receiver.reception().phone()),
                                    typed -> actions.apply(
                                            ReceiverEdits.reception(id, "number", its -> its.withPhone(known(typed))))))
                    .style("receiver-row")
                    .group();
        }
        return Parts.flow(
                        Words.quiet("at"),
                        Value.of(
                                "Address of receiver " + id,
                                shown(receiver.host()),
                                typed -> actions.apply(
                                        ReceiverEdits.of(id, "address", its -> its.withHost(known(typed))))),
                        Words.quiet("port"),
                        Value.of(
                                "Port of receiver " + id,
                                receiver.port() == 0 ? NOT_KNOWN : String.valueOf(receiver.port()),
                                typed -> actions.apply(ReceiverEdits.port(id, typed))),
                        Choice.of(
                                "Transport of receiver " + id,
                                List.of(Transport.values()),
                                receiver.reception().transport(),
                                Transport::name,
                                its -> actions.apply(
                                        ReceiverEdits.reception(id, "transport", was -> was.withTransport(its)))),
                        Words.quiet("receiver R"),
                        Value.of(
                                "Receiver number of " + id,
                                shown(receiver.receiverNumber(), "none"),
                                typed -> actions.apply(ReceiverEdits.of(
                                        id,
                                        "receiver number",
                                        its -> its.withNumbers(
                                                typed.strip().equals("none") ? "" : typed, its.linePrefix())))),
                        Words.quiet("line L"),
                        Value.of(
                                "Line number of " + id,
                                receiver.linePrefix(),
                                typed -> actions.apply(ReceiverEdits.of(
                                        id, "line number", its -> its.withNumbers(its.receiverNumber(), typed)))),
                        key(receiver))
                .style("receiver-row")
                .group();
    }

    private Part key(Receiver receiver) {
        List<Integer> lengths = new ArrayList<>(List.of(0));
        lengths.addAll(receiver.reception().abilities().keyBits());
        return Choice.of(
                "Key of receiver " + receiver.id(),
                lengths,
                receiver.reception().keyBits(),
                bits -> bits == 0 ? "not encrypted" : "encrypted, " + bits + " bits",
                bits -> actions.apply(
                        ReceiverEdits.reception(receiver.id(), "encryption", its -> its.withKeyBits(bits))));
    }

    private static String shown(String value) {
        return shown(value, NOT_KNOWN);
    }

    private static String shown(String value, String none) {
        return value.isEmpty() ? none : value;
    }

    private static String known(String typed) {
        return typed.strip().equals(NOT_KNOWN) ? "" : typed;
    }
}
