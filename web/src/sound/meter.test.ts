import { describe, expect, it } from "vitest";
import { kWeighting, loudnessOf, type Biquad } from "./meter";

function filtered(samples: Float32Array, { feedforward, feedback }: Biquad): Float32Array {
  const out = new Float32Array(samples.length);
  for (let i = 0; i < samples.length; i++) {
    let value = 0;
    for (let k = 0; k < 3; k++) value += (feedforward[k] ?? 0) * (samples[i - k] ?? 0);
    for (let k = 1; k < 3; k++) value -= (feedback[k] ?? 0) * (out[i - k] ?? 0);
    out[i] = value;
  }
  return out;
}

function tone(hertz: number, rate: number, peak: number): Float32Array {
  return Float32Array.from({ length: 2 * rate }, (_, i) => peak * Math.sin((2 * Math.PI * hertz * i) / rate));
}

function loudness(left: Float32Array, right: Float32Array, rate: number): number {
  return loudnessOf([left, right].map((side) => kWeighting(rate).reduce(filtered, side).subarray(rate)));
}

describe("the meter", () => {
  // ITU-R BS.1770-4, annex 1, tables 1 and 2 (from memory).
  it("has the coefficients of the standard at 48 kHz", () => {
    const [shelf, pass] = kWeighting(48_000);
    [1.53512485958697, -2.69169618940638, 1.19839281085285].forEach((one, i) =>
      expect(shelf.feedforward[i]).toBeCloseTo(one, 6),
    );
    [1, -1.69065929318241, 0.73248077421585].forEach((one, i) => expect(shelf.feedback[i]).toBeCloseTo(one, 6));
    [1, -1.99004745483398, 0.99007225036621].forEach((one, i) => expect(pass.feedback[i]).toBeCloseTo(one, 6));
  });

  // ITU-R BS.1770-4, annex 1 (from memory): a full-scale sine of 997 Hz in one front channel reads -3.01 LKFS.
  it.each([44_100, 48_000, 96_000])("reads -3.01 for a full-scale sine of 997 Hz in one channel, at %d Hz", (rate) => {
    expect(loudness(tone(997, rate, 1), new Float32Array(2 * rate), rate)).toBeCloseTo(-3.01, 1);
  });

  // EBU Tech 3341, case 1 (from memory): a stereo sine of 1 kHz at -23 dBFS reads -23.0 LUFS.
  it("reads -23 for a stereo sine of 1 kHz at -23 dBFS", () => {
    const side = tone(1000, 48_000, 10 ** (-23 / 20));
    expect(loudness(side, side, 48_000)).toBeCloseTo(-23, 1);
  });

  it("reads nothing where nothing is", () => {
    expect(loudnessOf([new Float32Array(100), new Float32Array(100)])).toBe(-Infinity);
  });
});
