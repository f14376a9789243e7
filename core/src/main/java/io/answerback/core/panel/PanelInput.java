package io.answerback.core.panel;

import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.SystemPoint;
import java.util.Optional;

/// Something that happens to a panel.
public sealed interface PanelInput {
    /// A user sets an area.
    ///
    /// @param area the area's number
    /// @param user the user's number, 1 to 999
    record SetArea(int area, int user) implements PanelInput {}

    /// A user unsets an area.
    ///
    /// @param area the area's number
    /// @param user the user's number, 1 to 999
    record UnsetArea(int area, int user) implements PanelInput {}

    /// The input of a zone reads something.
    ///
    /// @param zone the zone's number
    /// @param reads what it reads; empty when the resistance is between bands, where nothing is promised
    record ZoneReads(int zone, Optional<Meaning> reads) implements PanelInput {}

    /// An input reads something: its zone does, where the panel looks at that input for it.
    ///
    /// @param inputId the input
    /// @param reads what it reads; empty when the resistance is between bands, where nothing is promised
    record InputReads(InputId inputId, Optional<Meaning> reads) implements PanelInput {}

    /// A module on the bus stops answering when it is polled, or answers again.
    ///
    /// @param module the module
    /// @param lost whether it does not answer now
    record ModuleChanges(ModuleId module, boolean lost) implements PanelInput {}

    /// The cover of a module on the bus is opened or shut.
    ///
    /// @param module the module
    /// @param open whether it is open now
    record CoverChanges(ModuleId module, boolean open) implements PanelInput {}

    /// A wireless input gives a sign of life without anything having changed.
    ///
    /// @param inputId the input
    record SignOfLife(InputId inputId) implements PanelInput {}

    /// The panel looks at every address of its bus and learns whoever answers.
    record Scan() implements PanelInput {}

    /// One of the panel's own points fails or comes back.
    ///
    /// @param point which
    /// @param failed whether it fails now
    record SystemChanges(SystemPoint point, boolean failed) implements PanelInput {}

    /// Nothing but time passes; entry times may run out, and wireless inputs be missed.
    record TimePasses() implements PanelInput {}
}
