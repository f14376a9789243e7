package io.answerback.core.loop;

import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.SchemeBands;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// The schemes in which a single cut or short of the cable cannot pass for a point at rest.
public final class SupervisedSchemes {
    private static final Set<FaultKind> CABLE = EnumSet.of(FaultKind.CUT, FaultKind.SHORT);

    private SupervisedSchemes() {}

    /// The cut and the short that an input takes for normal in a loop as it is.
    public static Set<FaultKind> unseen(LoopResult loop) {
        Set<FaultKind> unseen = EnumSet.noneOf(FaultKind.class);
        loop.hidden().stream()
                .map(reading -> reading.loopCase().fault().kind())
                .filter(CABLE::contains)
                .forEach(unseen::add);
        return unseen;
    }

    /// The schemes an input reads that would see both on the cable of a loop, in the values the input expects
    /// and with the resistor at the last device.
    ///
    /// @param loop the loop as it is now
    /// @param form what the contact does at rest
    /// @param model how the input measures
    /// @param trial the faults loops are tried with
    public static List<SchemeKind> of(FittedLoop loop, ContactForm form, InputModel model, CheckedFaults trial) {
        return model.schemes().stream()
                .filter(bands -> suits(bands.scheme(), form))
                .filter(bands -> sees(loop, bands, model, trial))
                .map(SchemeBands::scheme)
                .toList();
    }

    private static boolean suits(SchemeKind scheme, ContactForm form) {
        if (scheme.twoZones() || scheme == SchemeKind.TWO_WIRE_SMOKE) {
            return false;
        }
        return form == ContactForm.EITHER || (form == ContactForm.NORMALLY_OPEN) == scheme.closesWhenActive();
    }

    private static boolean sees(FittedLoop loop, SchemeBands bands, InputModel model, CheckedFaults trial) {
        FittedLoop other = loop.withWiring(loop.wiring().expectedBy(bands).withPlace(ResistorPlace.LAST_DEVICE));
        LoopResult result = LoopCheck.check(other, BandChart.of(bands, model), trial);
        return unseen(result).isEmpty() && result.unsafe().isEmpty();
    }
}
