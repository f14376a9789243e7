package io.answerback.core.survey;

import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Radio;
import io.answerback.core.model.site.Site;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// A job with nothing in it but a panel on the wall.
public final class NewJob {
    /// What the panel's own board is called among the modules.
    public static final String BOARD = "Panel";

    private NewJob() {}

    /// A job at a site, by a firm's rules, on a panel.
    ///
    /// @param wording [PracticeOption#SET_UNSET] or [PracticeOption#ARM_DISARM]; another than the firm's is a
    ///     departure
    /// @throws IllegalArgumentException when the site has no name
    public static Job of(String site, String place, HouseRules rules, PracticeOption wording, PanelProfile profile) {
        PanelModule board = PanelModule.called(BOARD, profile.board().id(), List.of());
        return new Job(
                new Site(site, place, 0),
                Practice.of(rules).withOption(wording),
                new Panel(BOARD, profile),
                List.of(board),
                List.of(),
                List.of(),
                List.of(),
                inputs(board.id(), profile.board(), 1),
                List.of(),
                new Communicator("Communicator", List.of(TransmissionPath.usual(PathKind.IP))),
                List.of(),
                List.of(),
                List.of(),
                Power.UNDECIDED,
                Bus.UNDECIDED,
                Radio.UNDECIDED,
                PanelProgramming.UNDECIDED,
                Acceptance.NOTHING,
                SiteService.NOTHING);
    }

    /// The inputs a module brings, unused and with nothing across them.
    ///
    /// @param firstZone the zone of its first input; the others follow
    public static List<Input> inputs(ModuleId module, ModuleKind kind, int firstZone) {
        return IntStream.rangeClosed(1, kind.inputs())
                .mapToObj(number -> Input.of(
                        new InputId(module + "." + number),
                        module,
                        number,
                        firstZone + number - 1,
                        Optional.empty(),
                        UnusedTermination.NOTHING))
                .toList();
    }
}
