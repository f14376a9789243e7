/// Resistors as they lie in the bag: colours, preferred values, and values made from stock.
package io.answerback.core.loop.resistor;
