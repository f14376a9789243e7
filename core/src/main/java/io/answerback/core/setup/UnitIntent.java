package io.answerback.core.setup;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.SettingValue.Amount;
import io.answerback.core.model.profile.SettingValue.Named;
import io.answerback.core.model.profile.SettingValue.Switch;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import java.util.Optional;

/// What is wanted of a communicator: what was said of its network, paths, receivers and people.
final class UnitIntent {
    private final Parts job;
    private final Communicator communicator;

    UnitIntent(Parts job) {
        this.job = job;
        this.communicator = job.communicator();
    }

    /// What is wanted; empty where it has not been said.
    ///
    /// @throws IllegalArgumentException for what is not decided of a communicator
    Optional<SettingValue> of(Decision decision, int number) {
        return switch (decision) {
            case UNIT_ROUTER -> communicator.network().map(plan -> new Switch(plan.byRouter()));
            case UNIT_ADDRESS -> fixed().map(NetworkPlan::address).flatMap(UnitIntent::named);
            case UNIT_MASK -> fixed().map(NetworkPlan::mask).flatMap(UnitIntent::named);
            case UNIT_GATEWAY -> fixed().map(NetworkPlan::gateway).flatMap(UnitIntent::named);
            case UNIT_ACCESS_POINT ->
                communicator.unit().flatMap(Unit::sim).map(SimCard::accessPoint).flatMap(UnitIntent::named);
            case UNIT_IP_POLL -> poll(PathKind.IP);
            case UNIT_CELLULAR_POLL -> poll(PathKind.CELLULAR);
            case UNIT_MAIL_SERVER -> communicator.mail().map(MailPlan::server).flatMap(UnitIntent::named);
            case UNIT_MAIL_PORT ->
                communicator
                        .mail()
                        .map(MailPlan::port)
                        .map(port -> Integer.toString(port))
                        .flatMap(UnitIntent::named);
            case RECEIVER_HOST -> receiver(number).map(Receiver::host).flatMap(UnitIntent::named);
            case RECEIVER_PORT ->
                receiver(number)
                        .filter(receiver -> !receiver.host().isEmpty())
                        .map(receiver -> Integer.toString(receiver.port()))
                        .flatMap(UnitIntent::named);
            case RECEIVER_ACCOUNT -> receiver(number).flatMap(this::account).flatMap(UnitIntent::named);
            case PERSON_PHONE -> person(number).map(Person::phone).flatMap(UnitIntent::named);
            case PERSON_MAIL -> person(number).map(Person::mail).flatMap(UnitIntent::named);
            case UNIT_PASSWORD -> Optional.empty();
            default -> throw new IllegalArgumentException(decision + " is not decided of a communicator");
        };
    }

    private static Optional<SettingValue> named(String words) {
        return Optional.of(words).filter(its -> !its.isEmpty()).map(Named::new);
    }

    private Optional<NetworkPlan> fixed() {
        return communicator.network().filter(plan -> !plan.byRouter());
    }

    private Optional<SettingValue> poll(PathKind kind) {
        return communicator.path(kind).flatMap(TransmissionPath::pollSeconds).map(Amount::new);
    }

    /// A receiver over IP; what goes over a line is set at the panel.
    private Optional<Receiver> receiver(int number) {
        return Optional.of(number)
                .filter(its -> its >= 1 && its <= job.receivers().size())
                .map(its -> job.receivers().get(its - 1))
                .filter(receiver -> receiver.format().overIp());
    }

    /// Its own account; else that of the first area, under which the unit itself reports.
    private Optional<String> account(Receiver receiver) {
        String own = receiver.reception().account();
        return own.isEmpty() ? job.areas().stream().findFirst().map(Area::account) : Optional.of(own);
    }

    private Optional<Person> person(int number) {
        return Optional.of(number)
                .filter(its -> its >= 1 && its <= communicator.people().size())
                .map(its -> communicator.people().get(its - 1));
    }
}
