"""The same equations given to SciPy's stiff solver, at the accuracy of the core's scheme; and the C program's answer beside them.

Boiling is a limit in the core's scheme (a layer cannot be hotter than its boiling point). A solver of smooth equations needs a
rate for it: the excess boils off with a time constant of 5 ms, which leaves layers less than half a kelvin too hot.
"""
import json
import subprocess
import sys
import time

import numpy as np
from scipy.integrate import solve_ivp

php = json.load(open(sys.argv[1]))
s = php["setup"]
p = s["physics"]
LA, LB, L0, L1 = 4163.0, 0.675, 2501.0e3, 2440.0
depth = np.array(s["depth"])
n = len(depth)
dry = depth * s["dry_per_m3"]
a, b = s["solid_heat"]
ka, kb = s["solid_conductivity"]
table = np.array(s["boiling"])
steps = s["table_steps"]
RELAX = 0.005


def pressure(t):
    low = 10 ** (8.07131 - 1730.63 / (233.426 + t))
    high = 10 ** (8.14019 - 1810.94 / (244.485 + t))
    return 133.322 * np.where(t <= 100, low, high)


def density(t):
    return pressure(t) / (461.5 * (t + 273.15))


def liquid(t):
    return t * (LA + 0.5 * LB * t)


def activity(x, t):
    return 1 / (1 + (100 * np.maximum(x, 1e-6) / np.exp(5.5 - 0.0056 * (t + 273.15))) ** (-1 / 0.38))


def wetness(x):
    share = np.clip((x - 0.10) / 0.60, 0, 1)
    return share * share * (3 - 2 * share)


def rates(order, lain, since0):
    d, m = depth[order], dry[order]
    catch = 1 - np.exp(-d / p["catchDepth"])

    def f(seconds, y):
        w, h, patch, bare = np.maximum(y[:n], 1e-12), y[n : 2 * n], y[2 * n], y[2 * n + 1]
        c0, c1 = m * a + w * LA, m * b + w * LB
        t = (np.sqrt(np.maximum(c0 * c0 + 2 * c1 * h, 0)) - c0) / c1
        sd, wd = m / s["solid_density"], w / 995.7
        k = sd * (ka + kb * t) + wd * (0.57109 + t * (1.7625e-3 - 6.7036e-6 * t)) + (d - sd - wd) * 0.03
        half = 0.5 * d * d / k
        g = 1 / (half[:-1] + half[1:])
        x = w / m
        heat = np.zeros(n + 1)
        move = np.zeros(n + 1)
        diff = p["diffusivity"] * np.exp(3000 * (1 / 333.15 - 1 / (0.5 * (t[:-1] + t[1:]) + 273.15)))
        move[1:-1] = s["dry_per_m3"] * diff * (x[:-1] - x[1:]) * 2 / (d[:-1] + d[1:])
        heat[1:-1] = g * (t[:-1] - t[1:]) + move[1:-1] * liquid(np.where(move[1:-1] > 0, t[:-1], t[1:]))
        wet = p["contactSet"] if lain or seconds - since0 > 2 else p["contactRaw"]
        contact = p["contactDry"] + (wet - p["contactDry"]) * wetness(x[0])
        contact *= p["firstContact"] + (1 - p["firstContact"]) * (1 - np.exp(-(seconds - since0) / p["settlingSeconds"]))
        taken = (patch - t[0]) / (1 / contact + half[0])
        heat[0] = taken
        act = 1.0 if x[-1] > 1.6 else activity(x[-1], t[-1])
        conv = p["openConvection"]
        mass = conv / (1060.0 * 0.9)
        around = 0.5 * density(s["room"])
        dens = density(t[-1])
        flow = 0.0 if act * dens < around and dens > around else mass * (act * dens - around)
        fk, rk = t[-1] + 273.15, s["room"] + 273.15
        hr = p["emissivity"] * 5.670e-8 * (fk + rk) * (fk**2 + rk**2)
        heat[-1] = conv * (t[-1] - s["room"] - 15) + hr * (t[-1] - s["room"]) + flow * (liquid(t[-1]) + L0 - L1 * t[-1])
        move[-1] = flow
        dw, dh = move[:-1] - move[1:], heat[:-1] - heat[1:]
        boils = np.interp(x * steps, np.arange(len(table)), table)
        gone = np.maximum(t - boils, 0) * (c0 + c1 * t) / (RELAX * (L0 - L1 * boils)) * np.clip(w / 1e-6, 0, 1)
        carried = gone * (liquid(boils) + L0 - L1 * boils)
        rim = p["rimShare"] + (p["wetRimShare"] - p["rimShare"]) * wetness(x[0])
        dw -= gone
        dh -= carried
        room = np.clip((boils - t) / 0.5, 0, 1)
        for layers, share in ((range(n), 1 - rim), (range(n - 1, -1, -1), rim)):
            steam = carry = 0.0
            for i in layers:
                steam += share * gone[i]
                carry += share * carried[i]
                if steam > 1e-12 and room[i] > 0:
                    caught = catch[i] * room[i]
                    dw[i] += caught * steam
                    dh[i] += caught * carry
                    steam -= caught * steam
                    carry -= caught * carry
        steady = 26.0 * (s["set"] - s["room"])
        power = max(0.0, min(max(steady, s["most_power"]), steady + s["regulation"] * (s["set"] - bare)))
        side = s["lateral"] * (bare - patch)
        dpatch = (power + side - 8.0 * (patch - s["room"]) - taken) / s["stored"]
        dbare = (power - 26.0 * (bare - s["room"]) - s["covered"] / (1 - s["covered"]) * side) / s["stored"]
        return np.concatenate((dw, dh, [dpatch, dbare]))

    return f


def run(rtol):
    order = np.arange(n)
    w = dry * s["water_per_dry"]
    t0 = s["start"]
    h = dry * t0 * (a + 0.5 * b * t0) + w * liquid(t0)
    y = np.concatenate((w, h, [s["set"], s["set"]]))
    now = 0.0
    for index, until in enumerate(s["turns"]):
        found = solve_ivp(rates(order, index > 1, now), (now, until), y, method="BDF", rtol=rtol, atol=np.concatenate((np.full(n, rtol * 1e-2), np.full(n, rtol * 1e3), [rtol * 10] * 2)))
        if not found.success:
            raise SystemExit(found.message)
        y, now = found.y[:, -1].copy(), until
        if index < len(s["turns"]) - 1:
            order = order[::-1]
            y[:n], y[n : 2 * n] = y[:n][::-1].copy(), y[n : 2 * n][::-1].copy()
    return 1 - (y[:n].sum() + dry.sum()) / (dry.sum() * (1 + s["water_per_dry"])), y[2 * n]


flat = [n, *s["depth"], s["dry_per_m3"], s["water_per_dry"], s["solid_density"], a, b, ka, kb]
flat += [p[name] for name in ("contactRaw", "contactSet", "contactDry", "settlingSeconds", "firstContact", "diffusivity", "catchDepth", "rimShare", "wetRimShare", "spotShare", "openConvection", "emissivity")]
flat += [s[name] for name in ("start", "stored", "set", "regulation", "most_power", "lateral", "covered", "room", "first_step", "longest_step", "growth", "readiness")]
flat += [len(s["turns"]), *s["turns"], steps, len(table), *s["boiling"]]


def run_c():
    return json.loads(subprocess.run([sys.argv[2]], input=" ".join(map(repr, flat)), text=True, capture_output=True, check=True).stdout)


def run_php():
    return float(subprocess.run(["php", "bench/bake/run.php", "median"], text=True, capture_output=True, check=True).stdout)


# In turns, since this machine is now quicker and now slower.
pairs = [(run_php(), run_c()) for _ in range(7)]
c = pairs[0][1]
over_c = sorted(one / other["median_ms"] for one, other in pairs)[len(pairs) // 2]

began = time.perf_counter()
loss, metal = run(float(sys.argv[3]) if len(sys.argv) > 3 else 1e-3)
scipy_ms = 1e3 * (time.perf_counter() - began)
print(json.dumps({"over_c": over_c, "c_ms": c["median_ms"], "c_loss": c["loss"], "c_metal": c["metal"], "scipy_ms": scipy_ms, "scipy_loss": loss, "scipy_metal": metal}))
