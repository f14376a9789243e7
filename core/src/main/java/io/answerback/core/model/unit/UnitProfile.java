package io.answerback.core.model.unit;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.receiver.ReportFormat;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What the maker of a communicator says of it, as somebody filled it in from its manual.
///
/// @param id its name in files
/// @param name its name on screen
/// @param module the box: its terminals and what it takes from its supply
/// @param ways how it can be attached; none for one that works without a panel
/// @param supplies what it can be supplied from
/// @param portType what a panel's serial port has to be set to; empty for one without a serial lead
/// @param jumper what its jumper is called; empty for one without
/// @param jumperFor the position of the jumper for each way it can be attached
/// @param captureFormats the formats it reads from a dialler; none for one that answers no dialler
/// @param floorDecibelMilliwatts the weakest signal at which it works, in dBm, -140 to 0
/// @param textKeypad whether the panel has to be set up at a keypad that shows text
/// @param control how it is worked by text message; empty for one that is not
/// @param holdsKeySwitch whether its output that sets the site stays on while it is set; else it gives a pulse
/// @param application whether it is paired with an application
/// @param pairingCodeMinutes for how long a one-time code for pairing is good, at most a day; 0 while not known
/// @param setup its settings
public record UnitProfile(
        String id,
        String name,
        ModuleKind module,
        List<Attachment> ways,
        List<UnitSupply> supplies,
        String portType,
        String jumper,
        Map<Attachment, String> jumperFor,
        List<ReportFormat> captureFormats,
        double floorDecibelMilliwatts,
        boolean textKeypad,
        Optional<TextControl> control,
        boolean holdsKeySwitch,
        boolean application,
        int pairingCodeMinutes,
        SettingCatalogue setup) {
    private static final int MOST_PAIRING_MINUTES = 1440;

    /// @throws IllegalArgumentException when it has no id, name, box or supply, or a figure is out of bounds
    public UnitProfile {
        id = Require.text(id, "id of a communicator's profile");
        name = Require.text(name, "name of communicator " + id);
        Require.given(module, "box of communicator " + id);
        ways = List.copyOf(ways == null ? List.of() : ways);
        supplies = List.copyOf(Require.given(supplies, "supplies of communicator " + id));
        if (supplies.isEmpty()) {
            throw new IllegalArgumentException("communicator " + id + " has no supply; name at least one");
        }
        portType = portType == null ? "" : portType.strip();
        jumper = jumper == null ? "" : jumper.strip();
        Map<Attachment, String> positions = new EnumMap<>(Attachment.class);
        positions.putAll(jumperFor == null ? Map.of() : jumperFor);
        jumperFor = Collections.unmodifiableMap(positions);
        captureFormats = List.copyOf(captureFormats == null ? List.of() : captureFormats);
        Require.within(floorDecibelMilliwatts, -140, 0, "weakest signal of communicator " + id + " in dBm");
        Require.within(
                pairingCodeMinutes, 0, MOST_PAIRING_MINUTES, "minutes of the one-time code of communicator " + id);
        control = control == null ? Optional.empty() : control;
        setup = setup == null ? SettingCatalogue.EMPTY : setup;
    }

    /// Whether it works without a panel.
    public boolean standsAlone() {
        return ways.isEmpty();
    }
}
