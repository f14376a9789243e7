package io.answerback.desktop;

import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassTransform;
import java.lang.classfile.CodeBuilder;
import java.lang.classfile.CodeModel;
import java.lang.instrument.ClassFileTransformer;
import java.security.ProtectionDomain;
import java.util.Map;
import net.bytebuddy.agent.ByteBuddyAgent;
import org.junit.platform.launcher.LauncherSession;
import org.junit.platform.launcher.LauncherSessionListener;

/// Keeps the offscreen windows of tests from drawing pictures, pixel by pixel, that nobody looks at: that took
/// most of the time of window tests. Everything before it is done as ever: style sheets, layout, and handing the
/// scene over to be drawn.
public final class UnseenPictures implements LauncherSessionListener {
    /// The methods that draw a window and copy the picture to the offscreen screen, by their class.
    private static final Map<String, String> EMPTIED = Map.of(
            "com/sun/javafx/tk/quantum/ViewPainter", "paintImpl",
            "com/sun/glass/ui/headless/HeadlessWindow", "blit");

    @Override
    public void launcherSessionOpened(LauncherSession session) {
        ByteBuddyAgent.install().addTransformer(new Emptying());
    }

    private static final class Emptying implements ClassFileTransformer {
        @Override
        public byte[] transform(
                ClassLoader loader, String name, Class<?> redefined, ProtectionDomain domain, byte[] bytes) {
            return name != null && EMPTIED.containsKey(name) ? without(EMPTIED.get(name), bytes) : null;
        }

        private static byte[] without(String emptied, byte[] bytes) {
            ClassFile format = ClassFile.of();
            ClassTransform emptying = ClassTransform.transformingMethods(
                    method -> method.methodName().equalsString(emptied), (method, part) -> {
                        if (part instanceof CodeModel) {
                            method.withCode(CodeBuilder::return_);
                        } else {
                            method.with(part);
                        }
                    });
            return format.transformClass(format.parse(bytes), emptying);
        }
    }
}
