package io.answerback.survey;

import io.answerback.job.Bus;
import io.answerback.job.Communicator;
import io.answerback.job.HouseRules;
import io.answerback.job.Input;
import io.answerback.job.IpRoute;
import io.answerback.job.Job;
import io.answerback.job.ModuleKind;
import io.answerback.job.Panel;
import io.answerback.job.PanelModule;
import io.answerback.job.PanelProfile;
import io.answerback.job.Power;
import io.answerback.job.Practice;
import io.answerback.job.Radio;
import io.answerback.job.School;
import io.answerback.job.Setup;
import io.answerback.job.Site;
import io.answerback.job.UnusedTermination;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// A job with nothing in it but a panel on the wall.
public final class NewJob {
    /// What the panel's own board is called among the modules.
    public static final String BOARD = "Panel";

    private static final int ATTEMPTS = 3;
    private static final int TIMEOUT_MILLIS = 5000;

    private NewJob() {}

    /// A job at a site, by a firm's rules, on a panel.
    ///
    /// @param wording [School#SET_UNSET] or [School#ARM_DISARM]; another than the firm's is a departure
    /// @throws IllegalArgumentException when the site has no name
    public static Job of(String site, String place, HouseRules rules, School wording, PanelProfile profile) {
        return new Job(
                new Site(site, place, 0),
                Practice.of(rules).withSchool(wording),
                new Panel(BOARD, profile),
                List.of(new PanelModule(BOARD, profile.board().id(), List.of())),
                List.of(),
                List.of(),
                List.of(),
                inputs(BOARD, profile.board(), 1),
                List.of(),
                new Communicator("Communicator", new IpRoute(List.of(), ATTEMPTS, TIMEOUT_MILLIS)),
                List.of(),
                List.of(),
                List.of(),
                Power.UNDECIDED,
                Bus.UNDECIDED,
                Radio.UNDECIDED,
                Setup.UNDECIDED);
    }

    /// The inputs a module brings, unused and with nothing across them.
    ///
    /// @param firstZone the zone of its first input; the others follow
    public static List<Input> inputs(String module, ModuleKind kind, int firstZone) {
        return IntStream.rangeClosed(1, kind.inputs())
                .mapToObj(number -> Input.of(
                        module + "." + number,
                        module,
                        number,
                        firstZone + number - 1,
                        Optional.empty(),
                        UnusedTermination.NOTHING))
                .toList();
    }
}
