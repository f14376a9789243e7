/// Writes what is to be printed as PDF and as SVG. Words stay words in both.
package io.answerback.print;
