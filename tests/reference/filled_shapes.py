"""Filled shapes solved a second time, apart from core: SciPy's L-BFGS-B from several starts, Brent's method for the pressure.

Writes core/fabric/stuffed-shapes.reference.json, which core/fabric/fabric.test.ts compares with. Not part of the tests:
    python3 tests/reference/filled_shapes.py > core/fabric/stuffed-shapes.reference.json      (Python 3, SciPy 1.17)
The law is that of docs/decisions/0021-stretch-of-a-tube.md. Lengths in mm, volume in mm3.
"""

import json

import numpy as np
from scipy.optimize import brentq, minimize

SOFT = 0.3
STRAIN = {"light": 0.02, "medium": 0.05, "firm": 0.08}


class Piece:
    def __init__(self, rounds, w, h, flat=0):
        base = rounds[: max(0, flat - 1)]
        counts = list(rounds[max(0, flat - 1) :])
        self.start_pole = flat == 0
        self.n = np.array(([0] if self.start_pole else []) + counts + [0], float)
        self.c = self.n * w
        self.hoop_area = self.c * h
        # A flat base takes the strain of its rim, round it and across it.
        self.hoop_area[0] += 2 * sum(base) * w * h
        last = len(self.n) - 2
        self.l = np.array([h / 2 if (self.start_pole and j == 0) or j == last else h for j in range(last + 1)])
        self.area = (self.n[:-1] + self.n[1:]) / 2 * w * self.l
        self.rings = self.n > 0
        self.widest = self.c.max() / (2 * np.pi)

    def split(self, x):
        r = np.zeros(len(self.n))
        r[self.rings] = x[: self.rings.sum()]
        z = np.concatenate([[0.0], x[self.rings.sum() :]])
        return r, z

    def volume(self, r, z):
        a, b = r[:-1], r[1:]
        return np.pi / 3 * np.sum(np.diff(z) * (a * a + a * b + b * b))

    def energy(self, x, p):
        r, z = self.split(x)
        e = (2 * np.pi * r[self.rings] - self.c[self.rings]) / self.c[self.rings]
        s = np.hypot(np.diff(r), np.diff(z))
        f = (s - self.l) / self.l
        ke, kf = np.where(e >= 0, 1, SOFT), np.where(f >= 0, 1, SOFT)
        value = 0.5 * np.sum(ke * e * e * self.hoop_area[self.rings]) + 0.5 * np.sum(kf * f * f * self.area) - p * self.volume(r, z)
        gr, gz = np.zeros_like(r), np.zeros_like(z)
        gr[self.rings] += ke * e * self.hoop_area[self.rings] * 2 * np.pi / self.c[self.rings]
        t = kf * f * self.area / self.l / np.maximum(s, 1e-12)
        for i, sign in ((slice(0, -1), -1), (slice(1, None), 1)):
            gr[i] += sign * t * np.diff(r)
            gz[i] += sign * t * np.diff(z)
        a, b, dz = r[:-1], r[1:], np.diff(z)
        k = p * np.pi / 3
        gr[:-1] -= k * dz * (2 * a + b)
        gr[1:] -= k * dz * (a + 2 * b)
        q = a * a + a * b + b * b
        gz[:-1] += k * q
        gz[1:] -= k * q
        return value, np.concatenate([gr[self.rings], gz[1:]])

    def solve(self, p, rng):
        best = None
        for _ in range(6):
            r0 = self.c[self.rings] / (2 * np.pi) * rng.uniform(0.8, 1.2, self.rings.sum())
            z0 = np.cumsum(self.l) * rng.uniform(0.5, 1.0)
            x = np.concatenate([r0, z0])
            bounds = [(0, None)] * len(r0) + [(None, None)] * len(z0)
            for _ in range(4):
                got = minimize(self.energy, x, args=(p,), jac=True, method="L-BFGS-B", bounds=bounds,
                               options={"maxiter": 50000, "maxfun": 200000, "ftol": 1e-16, "gtol": 1e-11, "maxcor": 40})
                x = got.x
            if best is None or got.fun < best.fun:
                best = got
        return best.x

    def strain(self, x):
        r, _ = self.split(x)
        return max(r[i] / self.widest - 1 for i in range(len(r)) if self.n[i] == self.n.max())


def shape(rounds, w, h, firmness, flat):
    piece, s, rng = Piece(rounds, w, h, flat), STRAIN[firmness], np.random.default_rng(7)
    p = 2 * s / piece.widest
    if piece.strain(piece.solve(p, rng)) > s:
        p = brentq(lambda q: piece.strain(piece.solve(q, rng)) - s, p / 50, p, xtol=1e-9 * p, rtol=1e-10)
    r, z = piece.split(piece.solve(p, rng))
    return {"diameterMm": round(2 * r.max(), 3), "heightMm": round(z.max() - z.min(), 3), "volumeMm3": round(piece.volume(r, z), 1)}


SHAPES = {
    "ball24": ([6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6], 0),
    "tube18": ([6, 12, 18, 18, 18, 18, 18, 18, 18, 18, 12, 6], 0),
    "egg": ([6, 12, 18, 24, 24, 27, 27, 30, 30, 30, 24, 18, 12, 6], 0),
    "hourglass": ([6, 12, 18, 24, 24, 18, 12, 12, 18, 24, 24, 18, 12, 6], 0),
    "longTube12": ([6, 12] + [12] * 20 + [6], 0),
    "flatBase24": ([6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6], 4),
}

if __name__ == "__main__":
    cases = [
        {"shape": name, "rounds": rounds, "flatStart": flat, "stitchWidthMm": 5.0, "rowHeightMm": 4.65, "firmness": f, "strain": STRAIN[f],
         **shape(rounds, 5.0, 4.65, f, flat)}
        for name, (rounds, flat) in SHAPES.items()
        for f in STRAIN
    ]
    what = "Filled shapes solved apart from core by tests/reference/filled_shapes.py (SciPy 1.17). Lengths in mm, volume in mm3."
    print(json.dumps({"what": what, "cases": cases}))
