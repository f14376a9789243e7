/// Asked of that panel: what each zone does, what happens on the way in and out, and which states are not wanted.
package io.answerback.core.panel.behaviour;
