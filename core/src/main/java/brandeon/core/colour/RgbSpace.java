package brandeon.core.colour;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * The predefined spaces of {@code color()} in CSS Color 4, section 10, each with its way to XYZ as given in section 18,
 * "Sample code for color conversions".
 */
enum RgbSpace {
    SRGB("srgb", Spaces::linear, Matrices.SRGB, false),
    SRGB_LINEAR("srgb-linear", DoubleUnaryOperator.identity(), Matrices.SRGB, false),
    DISPLAY_P3(
            "display-p3",
            Spaces::linear,
            new double[][] {
                {608311.0 / 1250200, 189793.0 / 714400, 198249.0 / 1000160},
                {35783.0 / 156275, 247089.0 / 357200, 198249.0 / 2500400},
                {0, 32229.0 / 714400, 5220557.0 / 5000800}
            },
            false),
    A98_RGB(
            "a98-rgb",
            v -> Math.signum(v) * Math.pow(Math.abs(v), 563.0 / 256),
            new double[][] {
                {573536.0 / 994567, 263643.0 / 1420810, 187206.0 / 994567},
                {591459.0 / 1989134, 6239551.0 / 9945670, 374412.0 / 4972835},
                {53769.0 / 1989134, 351524.0 / 4972835, 4929758.0 / 4972835}
            },
            false),
    PROPHOTO_RGB(
            "prophoto-rgb",
            v -> Math.abs(v) <= 16.0 / 512 ? v / 16 : Math.signum(v) * Math.pow(Math.abs(v), 1.8),
            new double[][] {
                {0.79776664490064230, 0.13518129740053308, 0.03134773412839220},
                {0.28807482881940130, 0.71183523424187300, 0.00008993693872564},
                {0, 0, 0.82510460251046020}
            },
            true),
    REC2020(
            "rec2020",
            v -> Math.signum(v) * Math.pow(Math.abs(v), 2.4),
            new double[][] {
                {63426534.0 / 99577255, 20160776.0 / 139408157, 47086771.0 / 278816314},
                {26158966.0 / 99577255, 472592308.0 / 697040785, 8267143.0 / 139408157},
                {0, 19567812.0 / 697040785, 295819943.0 / 278816314}
            },
            false),
    XYZ("xyz", DoubleUnaryOperator.identity(), Matrices.SAME, false),
    XYZ_D65("xyz-d65", DoubleUnaryOperator.identity(), Matrices.SAME, false),
    XYZ_D50("xyz-d50", DoubleUnaryOperator.identity(), Matrices.SAME, true);

    private static final double[][] D50_TO_D65 = {
        {0.955473421488075, -0.02309845494876471, 0.06325924320057072},
        {-0.0283697093338637, 1.0099953980813041, 0.021041441191917323},
        {0.012314014864481998, -0.020507649298898964, 1.330365926242124}
    };
    private static final double[][] XYZ_TO_SRGB = {
        {12831.0 / 3959, -329.0 / 214, -1974.0 / 3959},
        {-851781.0 / 878810, 1648619.0 / 878810, 36519.0 / 878810},
        {705.0 / 12673, -2585.0 / 12673, 705.0 / 667}
    };

    private final String css;
    private final DoubleUnaryOperator linear;
    private final double[][] toXyz;
    private final boolean d50;

    RgbSpace(String css, DoubleUnaryOperator linear, double[][] toXyz, boolean d50) {
        this.css = css;
        this.linear = linear;
        this.toXyz = toXyz;
        this.d50 = d50;
    }

    static Optional<RgbSpace> named(String css) {
        return Arrays.stream(values()).filter(space -> space.css.equals(css)).findFirst();
    }

    /** The nearest colour that sRGB can show. */
    Colour toColour(double... parts) {
        double[] xyz = product(toXyz, Arrays.stream(parts).map(linear).toArray());
        double[] rgb = product(XYZ_TO_SRGB, d50 ? product(D50_TO_D65, xyz) : xyz);
        Oklch wanted = Spaces.oklch(Spaces.oklabOfLinear(rgb[0], rgb[1], rgb[2]));
        return wanted.toColour();
    }

    static double[] product(double[][] matrix, double[] vector) {
        double[] result = new double[matrix.length];
        for (int row = 0; row < matrix.length; row++) {
            for (int i = 0; i < vector.length; i++) {
                result[row] += matrix[row][i] * vector[i];
            }
        }
        return result;
    }

    /** What several spaces share; an enum's own constants are not there yet when its values are made. */
    private static final class Matrices {
        static final double[][] SRGB = {
            {506752.0 / 1228815, 87881.0 / 245763, 12673.0 / 70218},
            {87098.0 / 409605, 175762.0 / 245763, 12673.0 / 175545},
            {7918.0 / 409605, 87881.0 / 737289, 1001167.0 / 1053270}
        };
        static final double[][] SAME = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
    }
}
