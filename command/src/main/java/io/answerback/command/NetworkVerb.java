package io.answerback.command;

import io.answerback.core.model.site.Job;
import io.answerback.core.report.network.AddressProblem;
import io.answerback.core.report.network.FirewallNote;
import io.answerback.core.report.network.NetworkChecks;
import io.answerback.files.BrokenFile;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The communicator's address on the site's network, checked, and the outbound connections the customer has to
/// allow. Exit code 1 when a field is wrong or nothing is known.
@Command(
        name = "network",
        description = "check the communicator's address, and list the outbound connections to allow",
        mixinStandardHelpOptions = true)
final class NetworkVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.assess().job();
        boolean known = job.communicator().network().isPresent();
        List<AddressProblem> problems = NetworkChecks.problems(job);
        boolean ok = known && problems.isEmpty();
        if (argument.json()) {
            ObjectNode report = Json.object().put("ok", ok);
            ArrayNode list = report.putArray("problems");
            if (!known) {
                list.addObject()
                        .put("field", AddressProblem.Field.ADDRESS.words())
                        .put("says", "nobody has said how the communicator gets its address");
            }
            problems.forEach(problem ->
                    list.addObject().put("field", problem.field().words()).put("says", problem.says()));
            ArrayNode note = report.putArray("outbound");
            FirewallNote.of(job).forEach(note::add);
            System.out.println(Json.text(report));
        } else {
            problems.forEach(problem -> System.out.println(problem.field().words() + ": " + problem.says()));
            if (!known) {
                System.out.println("nobody has said how the communicator gets its address");
            } else if (ok) {
                System.out.println("nothing is wrong with the address");
            }
            FirewallNote.of(job).forEach(System.out::println);
        }
        return ok ? 0 : 1;
    }
}
