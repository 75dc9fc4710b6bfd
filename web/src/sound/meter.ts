/** Of one second-order filter, as IIRFilterNode takes them. */
export interface Biquad {
  feedforward: number[];
  feedback: number[];
}

/** Loudness is taken over so many seconds: momentary, EBU Tech 3341. */
const WINDOW = 0.4;

/**
 * The K-weighting of ITU-R BS.1770-4, annex 1: a shelf for the head and a high pass, for any sample rate. At 48 kHz they
 * are the coefficients of its tables 1 and 2.
 *
 * @param rate samples a second
 */
export function kWeighting(rate: number): [Biquad, Biquad] {
  const shelf = (): Biquad => {
    const k = Math.tan((Math.PI * 1681.974450955533) / rate);
    const q = 0.7071752369554196;
    const high = 10 ** (3.999843853973347 / 20);
    const band = high ** 0.4996667741545416;
    const a0 = 1 + k / q + k * k;
    return {
      feedforward: [
        (high + (band * k) / q + k * k) / a0,
        (2 * (k * k - high)) / a0,
        (high - (band * k) / q + k * k) / a0,
      ],
      feedback: [1, (2 * (k * k - 1)) / a0, (1 - k / q + k * k) / a0],
    };
  };
  const pass = (): Biquad => {
    const k = Math.tan((Math.PI * 38.13547087602444) / rate);
    const q = 0.5003270373238773;
    const a0 = 1 + k / q + k * k;
    return { feedforward: [1, -2, 1], feedback: [1, (2 * (k * k - 1)) / a0, (1 - k / q + k * k) / a0] };
  };
  return [shelf(), pass()];
}

/** Loudness of weighted samples in LUFS; minus infinity for silence. @param channels left and right */
export function loudnessOf(channels: Float32Array[]): number {
  const power = channels
    .map((samples) => samples.reduce((sum, sample) => sum + sample * sample, 0) / Math.max(1, samples.length))
    .reduce((sum, each) => sum + each, 0);
  return power > 0 ? -0.691 + 10 * Math.log10(power) : -Infinity;
}

/** Measures the momentary loudness of what passes through to the loudspeakers. */
export class Meter {
  readonly input: GainNode;
  private readonly taps: AnalyserNode[] = [];
  private readonly samples: number;

  constructor(context: AudioContext) {
    this.samples = Math.round(WINDOW * context.sampleRate);
    this.input = new GainNode(context, { channelCount: 2, channelCountMode: "explicit" });
    this.input.connect(context.destination);
    const sides = context.createChannelSplitter(2);
    this.input.connect(sides);
    for (let side = 0; side < 2; side++) {
      const [shelf, pass] = kWeighting(context.sampleRate).map((one) => new IIRFilterNode(context, one));
      const tap = new AnalyserNode(context, { fftSize: 32768 });
      if (!shelf || !pass) continue;
      sides.connect(shelf, side);
      shelf.connect(pass).connect(tap);
      this.taps.push(tap);
    }
  }

  /** In LUFS; minus infinity while nothing is heard. */
  get loudness(): number {
    return loudnessOf(
      this.taps.map((tap) => {
        const all = new Float32Array(tap.fftSize);
        tap.getFloatTimeDomainData(all);
        return all.subarray(all.length - this.samples);
      }),
    );
  }
}
