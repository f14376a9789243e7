package io.answerback.core.setup;

import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.PanelProgramming;
import java.util.List;
import java.util.Optional;

/// One entry of a run sheet.
///
/// @param setting the setting
/// @param number of which area, zone, user or address; 0 for the panel
/// @param of what the number stands for, such as "zone 15, Dock roller door 2"; empty for the panel
/// @param intent what is wanted in plain words, such as "Time to leave: 75 s"
/// @param wanted what it shall mean; empty for a code, which is only to be changed
/// @param entry what is typed; empty where this panel cannot be made to mean it, and for a code
/// @param problem why it cannot, and what comes nearest; empty where it can
/// @param standing how far it is
/// @param now what the panel has there, as far as is known
/// @param where the names on the way to it, the outermost first
/// @param shows what the panel shows once it is typed; empty where the manual does not say
/// @param typed when it was typed or left out; empty while it was neither
public record EntryStep(
        Setting setting,
        int number,
        String of,
        String intent,
        Optional<SettingValue> wanted,
        Optional<String> entry,
        String problem,
        Standing standing,
        Optional<String> now,
        List<String> where,
        String shows,
        Optional<PanelProgramming.Typed> typed) {
    /// How far an entry is.
    public enum Standing {
        /// The panel has it so when it is new: nothing to type.
        AS_NEW("as the panel has it"),
        /// It is to be typed.
        OPEN("to type"),
        /// It was typed, and something else is wanted since.
        AGAIN("to type again"),
        /// It is typed, or was read so.
        DONE("typed"),
        /// It was left out for a reason.
        SKIPPED("left out"),
        /// This panel cannot be made to mean it.
        CANNOT("cannot be set");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        /// How far it is, in plain words.
        public String words() {
            return words;
        }
    }

    public EntryStep {
        where = List.copyOf(where);
    }

    /// Whether there is something to type.
    public boolean toType() {
        return standing == Standing.OPEN || standing == Standing.AGAIN;
    }

    /// Whether it belongs on the sheet that lists what differs from a new panel.
    public boolean differs() {
        return standing != Standing.AS_NEW;
    }

    /// The name of the step, unique on a sheet.
    public String key() {
        return setting.id() + " " + number;
    }
}
