package io.answerback.desktop.report;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.paper.NetworkPaper;
import io.answerback.core.report.network.AddressProblem;
import io.answerback.core.report.network.AddressProblem.Field;
import io.answerback.core.report.network.FirewallNote;
import io.answerback.core.report.network.NetworkChecks;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PaperFile;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.station.Reach;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/// How the communicator gets its address on the site's network, what is wrong with it, which outbound
/// connections to allow, and whether a receiver can be reached from here.
final class NetworkSheet extends PartSheet {
    private static final String NOT_KNOWN = "not known";
    private static final String NONE = "none";
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;
    private final Map<ReceiverId, String> reached = new HashMap<>();

    NetworkSheet(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.files = files;
        this.background = background;
    }

    @Override
    public String title() {
        return "The site's network";
    }

    @Override
    public String about(WindowState state) {
        return "how the communicator gets its address";
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("The customer's network"),
                Words.wrapped(
                        Words.quiet(
                                "The network belongs to the customer. Agree on the address with its administrator, and have it written down there too.")),
                Words.caution(
                        "Trying a port opens a connection to the real receiver. Nothing is sent, but the station may see it."));
    }

    @Override
    public List<Part> middle(WindowState state) {
        Job job = state.job();
        Optional<NetworkPlan> plan = job.communicator().network();
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(Switch.bare(
                        "Address",
                        List.of(true, false),
                        plan.map(NetworkPlan::byRouter).orElse(null),
                        router -> router ? "from the router" : "fixed",
                        router -> actions.apply(PathEdits.network("address", its -> its.withByRouter(router)))))
                .style("programming")
                .group());
        if (plan.isEmpty()) {
            parts.add(Words.empty("Nobody has said yet how the communicator gets its address. Choose one."));
        } else if (plan.get().byRouter()) {
            parts.add(new Check(
                    "The router keeps the same address for it",
                    plan.get().reserved(),
                    kept -> actions.apply(PathEdits.network("reservation", its -> its.withReserved(kept)))));
        } else {
            parts.add(fixed(job, plan.get()));
        }
        parts.addAll(note(job));
        parts.addAll(reach(job));
        return parts;
    }

    private Part fixed(Job job, NetworkPlan plan) {
        List<AddressProblem> problems = NetworkChecks.problems(job);
        Grid.Filling grid = Grid.filling("table", "load-table");
        grid.line(Field.ADDRESS, line(problems, Field.ADDRESS, plan.address(), NOT_KNOWN, NetworkPlan::withAddress));
        grid.line(Field.MASK, line(problems, Field.MASK, plan.mask(), NOT_KNOWN, NetworkPlan::withMask));
        grid.line(Field.GATEWAY, line(problems, Field.GATEWAY, plan.gateway(), NOT_KNOWN, NetworkPlan::withGateway));
        grid.line(
                Field.NAME_SERVER,
                line(problems, Field.NAME_SERVER, plan.nameServer(), NONE, NetworkPlan::withNameServer));
        grid.line(
                Field.TAKEN,
                line(
                        problems,
                        Field.TAKEN,
                        String.join(", ", plan.taken()),
                        NONE,
                        (its, typed) -> its.withTaken(Stream.of(typed.split("[,;\\s]+"))
                                .filter(one -> !one.isEmpty())
                                .toList())));
        return grid.grid();
    }

    private List<Part> line(
            List<AddressProblem> problems,
            Field field,
            String value,
            String none,
            BiFunction<NetworkPlan, String, NetworkPlan> with) {
        List<String> says = problems.stream()
                .filter(problem -> problem.field() == field)
                .map(AddressProblem::says)
                .toList();
        String name = field.words().substring(0, 1).toUpperCase(Locale.ROOT)
                + field.words().substring(1);
        return List.of(
                mark(problems, field, name, value.isEmpty(), says),
                Words.whole(Words.quiet(name)),
                Value.of(name, value.isEmpty() ? none : value, typed -> {
                            String given = typed.strip().equals(none) ? "" : typed;
                            return actions.apply(PathEdits.network(field.words(), its -> with.apply(its, given)));
                        })
                        .wrapped(),
                Words.wrapped(Words.of("printed-problem", String.join("; ", says))));
    }

    /// The gateway fits or not only once the address and the mask are known.
    private static Part mark(
            List<AddressProblem> problems, Field field, String name, boolean empty, List<String> says) {
        if (!says.isEmpty()) {
            return Marks.of(Mark.WRONG, says.getFirst());
        }
        boolean open = field == Field.GATEWAY
                && problems.stream().anyMatch(its -> its.field() == Field.ADDRESS || its.field() == Field.MASK);
        return empty || open
                ? Marks.of(Mark.NOT_DONE, open ? name + " is checked once address and mask are right" : name + ": none")
                : Marks.of(Mark.SOUND, name + " fits");
    }

    private List<Part> note(Job job) {
        List<String> lines = FirewallNote.of(job);
        if (lines.isEmpty()) {
            return List.of();
        }
        Parts column = Parts.column();
        lines.forEach(line -> column.add(Words.wrapped(Text.of(line))));
        return List.of(
                Words.section("For the network administrator", "outbound connections to allow")
                        .style("section-ruled"),
                column.style("printed").group(),
                Parts.flow(
                                Tool.of(
                                        "Copy",
                                        "to paste it into a mail",
                                        () -> actions.copy(String.join("\n", lines))),
                                Tool.of("Print", "as PDF or SVG, to hand over", this::print))
                        .style("switches")
                        .group());
    }

    private void print() {
        List<FileQuestions.Sort> sorts =
                List.of(new FileQuestions.Sort("PDF", "*.pdf"), new FileQuestions.Sort("SVG", "*.svg"));
        files.toWrite("Note for the network administrator", "network.pdf", sorts)
                .ifPresent(file -> {
                    Job job = actions.now().job();
                    background.run(
                            () -> PaperFile.write(file, measure -> NetworkPaper.of(job, measure)),
                            problems -> actions.tell("Written: " + file));
                });
    }

    private List<Part> reach(Job job) {
        List<Receiver> receivers = job.receivers().stream()
                .filter(receiver -> receiver.format().overIp() && receiver.reachable())
                .toList();
        if (receivers.isEmpty()) {
            return List.of();
        }
        Grid.Filling grid = Grid.filling("table");
        for (Receiver receiver : receivers) {
            boolean datagrams = receiver.reception().transport() == Transport.UDP;
            grid.line(
                    receiver.id(),
                    List.of(
                            Words.wrapped(Text.of(receiver.name())),
                            Words.whole(Words.figure(receiver.address())),
                            datagrams
                                    ? Words.quiet("UDP")
                                    : Tool.of(
                                            "Try from here",
                                            "opens a connection to " + receiver.address() + " and closes it",
                                            () -> tryOut(receiver)),
                            Words.wrapped(Words.quiet(
                                    datagrams
                                            ? "over UDP only an answer shows it; use the command send"
                                            : reached.getOrDefault(receiver.id(), "")))));
        }
        return List.of(
                Words.section("Can the receivers be reached from this computer", "only when you press")
                        .style("section-ruled"),
                grid.grid());
    }

    private void tryOut(Receiver receiver) {
        reached.put(receiver.id(), "trying …");
        showAgain();
        background.run(() -> Reach.of(receiver.host(), receiver.port(), PATIENCE), result -> {
            reached.put(receiver.id(), result.says());
            showAgain();
        });
    }
}
