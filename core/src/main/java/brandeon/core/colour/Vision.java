package brandeon.core.colour;

/**
 * How a colour looks to people with a colour-vision deficiency of full strength.
 *
 * Machado, Oliveira and Fernandes, "A Physiologically-based Model for Simulation of Color Vision Deficiency" (2009),
 * severity 1.0; matrices from memory, checked against Chromium's own simulation. They work on linear sRGB. A
 * simulation says which colours fall together; it does not say how the world looks to one person.
 */
public enum Vision {
    ORDINARY("Ordinary", new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}),
    /** Without the long-wave cones: red is dark, red and green fall together. */
    PROTAN("Protan: no long waves", new double[][] {
        {0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216}, {-0.003882, -0.048116, 1.051998}
    }),
    /** Without the middle-wave cones: red and green fall together. */
    DEUTAN("Deutan: no middle waves", new double[][] {
        {0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413}, {-0.011820, 0.042940, 0.968881}
    }),
    /** Without the short-wave cones: blue and green, yellow and pink fall together. */
    TRITAN("Tritan: no short waves", new double[][] {
        {1.255528, -0.076749, -0.178779}, {-0.078411, 0.930809, 0.147602}, {0.004733, 0.691367, 0.303900}
    });

    private final String title;
    private final double[][] matrix;

    Vision(String title, double[][] matrix) {
        this.title = title;
        this.matrix = matrix;
    }

    public String title() {
        return title;
    }

    /** Rows of red, green, blue over linear red, green, blue. A copy. */
    public double[][] matrix() {
        return new double[][] {matrix[0].clone(), matrix[1].clone(), matrix[2].clone()};
    }

    /** The colour as it is seen; opacity is kept. */
    public Colour seen(Colour colour) {
        if (this == ORDINARY) {
            return colour;
        }
        double[] rgb = RgbSpace.product(matrix, new double[] {
            Spaces.linear(colour.red()), Spaces.linear(colour.green()), Spaces.linear(colour.blue())
        });
        return new Colour(coded(rgb[0]), coded(rgb[1]), coded(rgb[2]), colour.alpha());
    }

    private static double coded(double linear) {
        return Math.clamp(Spaces.coded(linear), 0, 1);
    }
}
