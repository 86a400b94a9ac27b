package wegweiser.headless;

import java.io.IOException;
import java.io.InputStream;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassModel;
import java.lang.classfile.CodeBuilder;
import java.lang.classfile.Label;
import java.lang.classfile.MethodModel;
import java.lang.constant.ClassDesc;
import java.lang.constant.ConstantDescs;
import java.lang.constant.MethodTypeDesc;
import java.lang.invoke.MethodHandles;

/**
 * Makes the window of the headless platform copy a picture row by row, as a display does. The one that comes with the toolkit
 * copies it pixel by pixel, on the thread of the interface, with a new buffer for each: about a million a picture, which is a
 * third of what tests of the window take, and of what would be measured.
 */
public final class RowCopy {
    private static final String FOLDER = "com/sun/glass/ui/headless/";
    private static final String WINDOW = FOLDER + "HeadlessWindow";
    private static final String NEIGHBOUR = FOLDER + "HeadlessPlatformFactory";
    private static final ClassDesc OWN = ClassDesc.ofInternalName(WINDOW);
    private static final ClassDesc PIXELS = ClassDesc.of("com.sun.glass.ui.Pixels");
    private static final ClassDesc BYTES = ClassDesc.of("java.nio.ByteBuffer");
    private static final ClassDesc INTS = ClassDesc.of("java.nio.IntBuffer");
    private static final MethodTypeDesc NUMBER = MethodTypeDesc.of(ConstantDescs.CD_int);
    /** Width of the screen, in pixels. */
    private static final int SCREEN = 1000;
    private static boolean installed;

    private RowCopy() {}

    /**
     * Puts it in place of the window that comes with the toolkit, which has to be on the class path. To be called before the
     * toolkit starts; once more does nothing.
     *
     * @throws IllegalStateException where a window was there before, or the toolkit is another one
     */
    public static synchronized void install() {
        if (installed) {
            return;
        }
        try {
            Class<?> neighbour = Class.forName(NEIGHBOUR.replace('/', '.'), false,
                    RowCopy.class.getClassLoader());
            MethodHandles.privateLookupIn(neighbour, MethodHandles.lookup()).defineClass(made());
            installed = true;
        } catch (ReflectiveOperationException | IOException | LinkageError e) {
            throw new IllegalStateException("the headless window keeps copying pixel by pixel", e);
        }
    }

    private static byte[] made() throws IOException, ReflectiveOperationException {
        byte[] old;
        try (InputStream in = RowCopy.class.getClassLoader().getResourceAsStream(WINDOW + ".class")) {
            if (in == null) {
                throw new ClassNotFoundException(WINDOW);
            }
            old = in.readAllBytes();
        }
        ClassFile file = ClassFile.of();
        ClassModel window = file.parse(old);
        if (window.methods().stream().noneMatch(RowCopy::isCopying)) {
            throw new NoSuchMethodException(WINDOW + ".blit");
        }
        return file.transformClass(window, (builder, element) -> {
            if (element instanceof MethodModel method && isCopying(method)) {
                builder.withMethodBody(method.methodName(), method.methodType(), method.flags().flagsMask(),
                        RowCopy::copy);
            } else {
                builder.with(element);
            }
        });
    }

    private static boolean isCopying(MethodModel method) {
        return method.methodName().equalsString("blit");
    }

    /** For each row: {@code frameBuffer.asIntBuffer().put((y + row) * SCREEN + x, pixels, row * width, width)}. */
    private static void copy(CodeBuilder code) {
        int buffer = 2;
        int row = 3;
        int width = 4;
        Label next = code.newLabel();
        Label end = code.newLabel();
        code.aload(1).invokevirtual(PIXELS, "getBuffer", MethodTypeDesc.of(ClassDesc.of("java.nio.Buffer")))
                .checkcast(INTS).astore(buffer);
        code.aload(1).invokevirtual(PIXELS, "getWidth", NUMBER).istore(width);
        code.iconst_0().istore(row);
        code.labelBinding(next);
        code.iload(row).aload(1).invokevirtual(PIXELS, "getHeight", NUMBER).if_icmpge(end);
        code.aload(0).getfield(OWN, "frameBuffer", BYTES)
                .invokevirtual(BYTES, "asIntBuffer", MethodTypeDesc.of(INTS));
        code.aload(0).invokevirtual(OWN, "getY", NUMBER).iload(row).iadd().loadConstant(SCREEN).imul();
        code.aload(0).invokevirtual(OWN, "getX", NUMBER).iadd();
        code.aload(buffer).iload(row).iload(width).imul().iload(width);
        code.invokevirtual(INTS, "put",
                MethodTypeDesc.of(INTS, ConstantDescs.CD_int, INTS, ConstantDescs.CD_int,
                        ConstantDescs.CD_int))
                .pop();
        code.iinc(row, 1).goto_(next);
        code.labelBinding(end).return_();
    }
}
