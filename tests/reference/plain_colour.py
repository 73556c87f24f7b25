"""Colour in plain Python, for checks of the program by something that has nothing of it.

Sources: CIE 15:2018 (CIELAB, u'v'), ICC.1:2022 Annex E (Bradford), Sharma, Wu, Dalal, Color Res. Appl.
30 (2005) 21-30 (CIEDE2000)."""

import math

D50 = (0.9642, 1.0, 0.8249)
BRADFORD = ((0.8951, 0.2664, -0.1614), (-0.7502, 1.7135, 0.0367), (0.0389, -0.0685, 1.0296))
BACK = ((0.9869929, -0.1470543, 0.1599627), (0.4323053, 0.5183603, 0.0492912), (-0.0085287, 0.0400428, 0.9684867))


def times(m, v):
    return tuple(sum(a * b for a, b in zip(row, v)) for row in m)


def lab(xyz, white):
    """CIELAB of a light under a white, both in the same unit."""
    f = [t ** (1 / 3) if t > 216 / 24389 else (24389 / 27 * t + 16) / 116 for t in (a / w for a, w in zip(xyz, white))]
    return 116 * f[1] - 16, 500 * (f[0] - f[1]), 200 * (f[1] - f[2])


def uv(xyz):
    """CIE 1976 u', v'."""
    x, y, z = xyz
    return 4 * x / (x + 15 * y + 3 * z), 9 * y / (x + 15 * y + 3 * z)


def lab_of_profiles(xyz, white):
    """CIELAB relative to `white`, adapted to D50."""
    scale = [b / a for a, b in zip(times(BRADFORD, [w / white[1] for w in white]), times(BRADFORD, D50))]
    cone = times(BRADFORD, [c / white[1] for c in xyz])
    adapted = times(BACK, [c * s for c, s in zip(cone, scale)])
    return lab(adapted, D50)


def delta_e_2000(one, two):
    (l1, a1, b1), (l2, a2, b2) = one, two
    c7 = ((math.hypot(a1, b1) + math.hypot(a2, b2)) / 2) ** 7
    g = 0.5 * (1 - math.sqrt(c7 / (c7 + 25**7)))
    a1, a2 = (1 + g) * a1, (1 + g) * a2
    c1, c2 = math.hypot(a1, b1), math.hypot(a2, b2)
    h1, h2 = (math.degrees(math.atan2(b, a)) % 360 for a, b in ((a1, b1), (a2, b2)))
    dh = 0 if c1 * c2 == 0 else (h2 - h1 + 180) % 360 - 180
    big_h = 2 * math.sqrt(c1 * c2) * math.sin(math.radians(dh / 2))
    l, c = (l1 + l2) / 2, (c1 + c2) / 2
    h = h1 + h2 if c1 * c2 == 0 else (h1 + h2) / 2 if abs(h1 - h2) <= 180 else (h1 + h2 + 360) / 2
    t = (1 - 0.17 * math.cos(math.radians(h - 30)) + 0.24 * math.cos(math.radians(2 * h))
         + 0.32 * math.cos(math.radians(3 * h + 6)) - 0.20 * math.cos(math.radians(4 * h - 63)))
    sl = 1 + 0.015 * (l - 50) ** 2 / math.sqrt(20 + (l - 50) ** 2)
    sc, sh = 1 + 0.045 * c, 1 + 0.015 * c * t
    rt = -2 * math.sqrt(c**7 / (c**7 + 25**7)) * math.sin(math.radians(60 * math.exp(-(((h - 275) / 25) ** 2))))
    x, y, z = (l2 - l1) / sl, (c2 - c1) / sc, big_h / sh
    return math.sqrt(x * x + y * y + z * z + rt * y * z)
