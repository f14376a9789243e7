package io.answerback.core.model.site;

import io.answerback.core.model.id.PointId;
import java.util.Arrays;
import java.util.Optional;

/// Points that every panel has without anybody wiring a loop, with the event code each sends (SIA DC-05
/// numbering).
public enum SystemPoint {
    /// The mains supply.
    MAINS("mains", "Mains supply", "present", "failed", "301", "Fail the mains", "Bring the mains back"),
    /// The standby battery.
    BATTERY("battery", "Standby battery", "charged", "low", "302", "Run the battery low", "Charge the battery"),
    /// The lids of the panel and its modules.
    TAMPER("tamper", "Box tamper", "lid on", "lid off", "137", "Lift the lid", "Close the lid"),
    /// The panel's watch over its own path out.
    PATH("path", "Path supervision", "working", "lost", "350", "Lose a path", "Bring the path back");

    private final PointId id;
    private final String title;
    private final String restWord;
    private final String activeWord;
    private final String event;
    private final String act;
    private final String restore;

    SystemPoint(String id, String title, String restWord, String activeWord, String event, String act, String restore) {
        this.id = new PointId(id);
        this.title = title;
        this.restWord = restWord;
        this.activeWord = activeWord;
        this.event = event;
        this.act = act;
        this.restore = restore;
    }

    /// The system point with this id; empty when there is none.
    public static Optional<SystemPoint> of(PointId id) {
        return Arrays.stream(values()).filter(point -> point.id.equals(id)).findFirst();
    }

    /// The id it goes by in commands and proofs.
    public PointId id() {
        return id;
    }

    /// Its name on screen.
    public String title() {
        return title;
    }

    /// The word for the state at rest.
    public String restWord() {
        return restWord;
    }

    /// The word for the active state.
    public String activeWord() {
        return activeWord;
    }

    /// The three-digit event code it sends.
    public String event() {
        return event;
    }

    /// What the engineer does to make it active, as an order.
    public String act() {
        return act;
    }

    /// What the engineer does to bring it back, as an order.
    public String restore() {
        return restore;
    }
}
