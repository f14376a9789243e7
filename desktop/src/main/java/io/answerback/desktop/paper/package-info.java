/// Pages of paper in the window and on their way to a printer.
package io.answerback.desktop.paper;
