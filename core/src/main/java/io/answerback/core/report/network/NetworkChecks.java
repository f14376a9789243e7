package io.answerback.core.report.network;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// How the communicator stands on the network of the site.
public final class NetworkChecks implements JobCheck {
    /// A field of a fixed address is wrong.
    public static final Rule WRONG = new Rule(
            "network-address",
            Stop.REPORT,
            Grade.WRONG,
            "A field of the communicator's fixed address is wrong.",
            "It reaches nobody over the site's network, or throws another device off it.");
    /// The router may hand out another address.
    public static final Rule MAY_CHANGE = new Rule(
            "network-address-may-change",
            Stop.REPORT,
            Grade.NOTE,
            "The router may hand the communicator another address.",
            "Rules of a firewall that name its address then no longer fit.");
    /// Nobody has said how it gets its address.
    public static final Rule UNKNOWN = new Rule(
            "network-unknown",
            Stop.REPORT,
            Grade.NOTE,
            "Nobody has said how the communicator gets its address on the site's network.",
            "Without an address nothing leaves over IP.");

    @Override
    public List<Rule> rules() {
        return List.of(WRONG, MAY_CHANGE, UNKNOWN);
    }

    /// What is wrong with the fixed address of a job; nothing while nobody has said how it gets one.
    public static List<AddressProblem> problems(Parts job) {
        return job.communicator()
                .network()
                .map(plan -> AddressCheck.of(plan, FirewallNote.namesNeeded(job)))
                .orElse(List.of());
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        boolean overIp = facts.communicator().path(PathKind.IP).isPresent()
                && (facts.routeReceivers().stream()
                                .anyMatch(receiver -> receiver.format().overIp())
                        || facts.communicator().people().stream().anyMatch(Person::toldByMail));
        if (!overIp) {
            return Stream.empty();
        }
        Optional<NetworkPlan> plan = facts.communicator().network();
        if (plan.isEmpty()) {
            return Stream.of(unknown());
        }
        if (plan.get().byRouter() && !plan.get().reserved()) {
            return Stream.of(mayChange());
        }
        List<AddressProblem> problems = problems(facts);
        return IntStream.range(0, problems.size()).mapToObj(at -> wrong(problems.get(at), at + 1));
    }

    private static Finding wrong(AddressProblem problem, int number) {
        return WRONG.finds(
                        new Target.OfCommunicator(),
                        "Wrong on the address sheet: " + problem.field().words(),
                        problem.says() + ".",
                        "Correct it under \"Network\", and ask the network administrator.")
                .of(problem.field().name() + " " + number);
    }

    private static Finding mayChange() {
        return MAY_CHANGE
                .finds(
                        new Target.OfCommunicator(),
                        "The communicator's address may change",
                        "The router hands it out and keeps none for it.",
                        "Have it reserved in the router, or take a fixed one.")
                .of("");
    }

    private static Finding unknown() {
        return UNKNOWN.finds(
                        new Target.OfCommunicator(),
                        "The communicator has no address yet",
                        "Nobody has said how it gets one on the site's network.",
                        "Say it under \"Network\".")
                .of("");
    }
}
