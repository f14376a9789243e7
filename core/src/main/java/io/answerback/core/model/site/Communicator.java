package io.answerback.core.model.site;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.common.Require;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.PathOrder;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.unit.Unit;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/// The unit that carries events out of the building.
///
/// @param name what it is called on this site
/// @param paths its ways out, in the order in which they are tried; one of a kind at most
/// @param order in which order receivers and paths are tried
/// @param network how it gets its address on the site's network; empty while nobody has said
/// @param people who is told by mail or text message, in the order of the list
/// @param mail the mail server it sends mails by; empty while not known
/// @param unit the box itself; empty while nobody has said which it is
@RecordBuilder
public record Communicator(
        String name,
        List<TransmissionPath> paths,
        PathOrder order,
        Optional<NetworkPlan> network,
        List<Person> people,
        Optional<MailPlan> mail,
        Optional<Unit> unit)
        implements CommunicatorBuilder.With {
    /// @throws IllegalArgumentException when the name is blank, two paths are of one kind, or two people share
    ///     an id
    public Communicator {
        name = Require.text(name, "communicator name");
        paths = Keyed.of(paths == null ? List.of() : paths, TransmissionPath::kind, "paths", "path");
        order = order == null ? PathOrder.RECEIVER_BY_RECEIVER : order;
        network = network == null ? Optional.empty() : network;
        people = Keyed.of(people == null ? List.of() : people, Person::id, "people", "person");
        mail = mail == null ? Optional.empty() : mail;
        unit = unit == null ? Optional.empty() : unit;
    }

    /// A unit with these paths that tells no people.
    public Communicator(String name, List<TransmissionPath> paths) {
        this(
                name,
                paths,
                PathOrder.RECEIVER_BY_RECEIVER,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    /// Its path of a kind; empty when it has none.
    public Optional<TransmissionPath> path(PathKind kind) {
        return paths.stream().filter(path -> path.kind() == kind).findFirst();
    }

    /// The same that gets its address otherwise.
    public Communicator withNetwork(NetworkPlan other) {
        return new Communicator(name, paths, order, Optional.of(other), people, mail, unit);
    }

    /// The same with another mail server.
    public Communicator withMail(MailPlan other) {
        return new Communicator(name, paths, order, network, people, Optional.of(other), unit);
    }

    /// The same as another box.
    public Communicator withUnit(Unit other) {
        return new Communicator(name, paths, order, network, people, mail, Optional.of(other));
    }
}
