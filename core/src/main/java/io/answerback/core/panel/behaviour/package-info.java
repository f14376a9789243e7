/// What that panel does with each zone and on the way in and out, and which states are not wanted.
package io.answerback.core.panel.behaviour;
