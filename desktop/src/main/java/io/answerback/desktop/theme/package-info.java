/// How everything looks: fonts, style sheet, light and dark, size of text.
package io.answerback.desktop.theme;
