/* The same scheme as core/src/Bake in C, for the ratio of times in bench/results.md. Reads the flat setup on its standard input. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

#define MOST 128
#define TABLE 512

static int layers, tableEntries, tableSteps, turnCount;
static double depth0[MOST], table[TABLE], turns[16];
static double dryPerCubic, waterPerDry, solidDensity, a, b, ka, kb;
static double raw, setContact, dryContact, settling, firstContact, diffusivity60, catchDepth, rimShare, wetRimShare, spotShare, openConvection, emissivity;
static double start, stored, setCelsius, regulation, mostPower, lateral, covered, room, firstStep, longestStep, growth, readiness;

static const double LA = 4163.0, LB = 0.675, L0 = 2501.0e3, L1 = 2440.0;
static double depth[MOST], dry[MOST], water[MOST], enthalpy[MOST], celsius[MOST], boiling[MOST], fromSteam[MOST], catches[MOST], diffusivity[451];
static double patch, bare, fromAround, faceWater[2], faceCelsius[2], brown[2], spotBrown[2];
static int hasLain[2];

static double pressure(double t) { return 133.322 * (t <= 100 ? pow(10, 8.07131 - 1730.63 / (233.426 + t)) : pow(10, 8.14019 - 1810.94 / (244.485 + t))); }
static double density(double t) { return pressure(t) / (461.5 * (t + 273.15)); }
static double liquid(double t) { return t * (LA + 0.5 * LB * t); }
static double activity(double x, double t) { return x <= 1e-6 ? 0 : 1 / (1 + pow(100 * x / exp(5.5 - 0.0056 * (t + 273.15)), -1 / 0.38)); }
static double wetness(double x) { double s = (x - 0.10) / 0.60; s = s < 0 ? 0 : s > 1 ? 1 : s; return s * s * (3 - 2 * s); }
static double rate(double t, double act) { double w = act < 0.06 ? 0.06 : act; return readiness / 60 * (7.9233e6 + 2.7397e6 / w) * exp(-(8701.5 + 49.4738 / w) / (t + 273.15)); }
static double power(void) {
    double steady = 26.0 * (setCelsius - room), most = steady > mostPower ? steady : mostPower, p = steady + regulation * (setCelsius - bare);
    p = p > most ? most : p;
    return p < 0 ? 0 : p;
}

static void begin(void) {
    for (int i = 0; i < layers; i++) {
        depth[i] = depth0[i];
        dry[i] = depth[i] * dryPerCubic;
        water[i] = dry[i] * waterPerDry;
        celsius[i] = start;
        boiling[i] = fromSteam[i] = 0;
        enthalpy[i] = dry[i] * start * (a + 0.5 * b * start) + water[i] * liquid(start);
        catches[i] = 1 - exp(-depth[i] / catchDepth);
    }
    for (int t = 0; t <= 450; t++) diffusivity[t] = diffusivity60 * exp(3000 * (1 / 333.15 - 1 / (t + 273.15)));
    patch = bare = setCelsius;
    for (int f = 0; f < 2; f++) { faceWater[f] = waterPerDry; faceCelsius[f] = start; brown[f] = spotBrown[f] = 0; hasLain[f] = 0; }
}

#define SWAP(x, i, j) do { double swap_ = x[i]; x[i] = x[j]; x[j] = swap_; } while (0)
static void turn(void) {
    for (int i = 0, j = layers - 1; i < j; i++, j--) { SWAP(depth, i, j); SWAP(dry, i, j); SWAP(water, i, j); SWAP(enthalpy, i, j); SWAP(celsius, i, j); SWAP(boiling, i, j); SWAP(catches, i, j); }
    memset(fromSteam, 0, sizeof fromSteam);
    SWAP(faceWater, 0, 1); SWAP(faceCelsius, 0, 1); SWAP(brown, 0, 1); SWAP(spotBrown, 0, 1);
    int h = hasLain[0]; hasLain[0] = hasLain[1]; hasLain[1] = h;
}

static double heatOf(double c0, double c1, double h) { return (sqrt(c0 * c0 + 2 * c1 * h) - c0) / c1; }

static void step(double dt, double since) {
    int last = layers - 1;
    double between[MOST + 1], value[MOST + 1], ratio[MOST + 1], before = 0;
    for (int i = 0; i <= last; i++) {
        double t = celsius[i], sd = dry[i] / solidDensity, wd = water[i] / 995.7;
        double k = sd * (ka + kb * t) + wd * (0.57109 + t * (1.7625e-3 - 6.7036e-6 * t)) + (depth[i] - sd - wd) * 0.03, half = 0.5 * depth[i] * depth[i] / k;
        between[i] = i == 0 ? half : 1 / (before + half);
        before = half;
    }
    between[layers] = before;
    double tt = celsius[last], xt = water[last] / dry[last], act = xt > 1.6 ? 1 : activity(xt, tt), dens = density(tt), mass = openConvection / (1060.0 * 0.9);
    double around = 0.5 * density(room), held = act * dens, most = 0.5 * water[last] / dt;
    double flow = held < around && dens > around ? 0 : mass * (held - around), slope = mass * held * 5000 / ((tt + 273.15) * (tt + 273.15)), share = flow > most ? most / flow : 1;
    flow *= share; slope *= share;
    double hv = liquid(tt) + L0 - L1 * tt, f = tt + 273.15, r = room + 273.15, hr = emissivity * 5.670e-8 * (f + r) * (f * f + r * r), air = room + 15;
    double topSlope = openConvection + hr + slope * hv, topSource = openConvection * air + hr * room + (slope * tt - flow) * hv;
    double wet = hasLain[0] ? setContact : raw, contact = (dryContact + (wet - dryContact) * wetness(faceWater[0])) * (firstContact + (1 - firstContact) * (1 - exp(-since / settling)));
    double toMiddle = 1 / (1 / contact + between[0]);
    for (;;) {
        double pivot = stored / dt + lateral + 8.0 + toMiddle, lower = toMiddle;
        ratio[0] = toMiddle / pivot;
        value[0] = (stored / dt * patch + power() + lateral * bare + 8.0 * room) / pivot;
        for (int i = 0; i <= last; i++) {
            double t = celsius[i], cap = (dry[i] * (a + b * t) + water[i] * (LA + LB * t) + boiling[i]) / dt, upper = i < last ? between[i + 1] : 0, right = cap * t + fromSteam[i];
            pivot = cap + lower + upper;
            if (i == last) { pivot += topSlope; right += topSource; }
            pivot -= lower * ratio[i];
            ratio[i + 1] = upper / pivot;
            value[i + 1] = (right + lower * value[i]) / pivot;
            lower = upper;
        }
        for (int i = last; i >= 0; i--) value[i] += ratio[i] * value[i + 1];
        int any = 0;
        for (int i = 0; i <= last; i++) if (boiling[i] > 0) {
            double taken = boiling[i] * (value[i + 1] - celsius[i]);
            if (taken < 0 || taken > 0.5 * water[i] * L0) { boiling[i] = 0; any = 1; }
        }
        if (!any) break;
    }
    double taken = dt * toMiddle * (value[0] - value[1]), top = value[last + 1];
    double rim = rimShare + (wetRimShare - rimShare) * wetness(water[0] / dry[0]);
    double given = dt * (openConvection * (top - air) + hr * (top - room)), vap = flow + slope * (top - tt);
    vap = vap > most ? most : vap;
    if (vap < (flow < 0 ? flow : 0)) vap = flow < 0 ? flow : 0;
    vap *= dt;
    double inHeat = taken, inWater = 0, old[MOST];
    memcpy(old, water, sizeof old);
    for (int i = 0; i <= last; i++) {
        double heat = given + vap * hv, moved = vap;
        if (i < last) {
            int n = i + 1;
            int index = (int)(0.5 * (celsius[i] + celsius[n]));
            double gradient = (old[i] / dry[i] - old[n] / dry[n]) * 2 / (depth[i] + depth[n]);
            moved = dt * dryPerCubic * diffusivity[index > 450 ? 450 : index] * gradient;
            int from = moved > 0 ? i : n;
            double limit = 0.2 * old[from];
            moved = moved > limit ? limit : moved < -limit ? -limit : moved;
            heat = dt * between[n] * (value[n] - value[n + 1]) + moved * liquid(celsius[from]);
        }
        enthalpy[i] += inHeat - heat;
        water[i] += inWater - moved;
        inHeat = heat; inWater = moved;
    }
    double up = 0, upHeat = 0, down[MOST], downHeat[MOST];
    for (int i = 0; i <= last; i++) {
        double w = water[i], h = enthalpy[i], c0 = dry[i] * a + w * LA, c1 = dry[i] * b + w * LB, t = heatOf(c0, c1, h), x = w / dry[i] * tableSteps;
        int entry = x >= tableEntries - 2 ? tableEntries - 2 : (int)x;
        double fall = table[entry] - table[entry + 1], boils = table[entry] - fall * (x - entry);
        down[i] = downHeat[i] = 0; boiling[i] = fromSteam[i] = 0;
        if (t > boils && w > 1e-9) {
            double latent = L0 - L1 * boils, steep = fall * tableSteps / dry[i], gone = (h - boils * (c0 + 0.5 * c1 * boils)) / (latent + (c0 + c1 * boils) * steep);
            gone = gone > 0.5 * w ? 0.5 * w : gone;
            boiling[i] = latent / (steep + 1e-9);
            double carried = gone * (liquid(boils) + latent);
            w -= gone; h -= carried;
            down[i] = rim * gone; downHeat[i] = rim * carried;
            up += gone - down[i]; upHeat += carried - downHeat[i];
        } else if (up > 1e-12 && t < boils) {
            double each = upHeat / up, space = (boils * (c0 + 0.5 * c1 * boils) - h) / (each - liquid(boils)), caught = up * catches[i];
            caught = caught > space ? space : caught;
            w += caught; h += caught * each; fromSteam[i] = caught * (each - liquid(t)) / dt; up -= caught; upHeat -= caught * each;
        }
        celsius[i] = heatOf(dry[i] * a + w * LA, dry[i] * b + w * LB, h);
        enthalpy[i] = h; water[i] = w;
    }
    double steam = 0, heat = 0;
    for (int i = last; i >= 0; i--) {
        steam += down[i]; heat += downHeat[i];
        int entry = (int)(water[i] / dry[i] * tableSteps);
        double below = table[entry > tableEntries - 1 ? tableEntries - 1 : entry] - celsius[i];
        if (steam > 1e-12 && down[i] == 0 && below > 0.5) {
            double caught = steam * catches[i], space = 0.5 * below * 3000 * (dry[i] + water[i]) / L0;
            caught = caught > space ? space : caught;
            double carried = caught * heat / steam;
            fromSteam[i] += (carried - caught * liquid(celsius[i])) / dt;
            water[i] += caught; enthalpy[i] += carried; heat -= carried; steam -= caught;
            celsius[i] = heatOf(dry[i] * a + water[i] * LA, dry[i] * b + water[i] * LB, enthalpy[i]);
        }
    }
    faceCelsius[1] = top - given / dt * between[last + 1];
    double p = power();
    (void)p;
    fromAround = lateral * (bare - value[0]);
    patch = value[0];
    double coveredRatio = covered / (1 - covered), net = power() - 26.0 * (bare - room) - coveredRatio * fromAround, stiff = (26.0 + regulation + coveredRatio * lateral) * dt / stored;
    bare += net * dt / stored / (1 + stiff);
    faceCelsius[0] = value[0] - taken / dt / contact;
    hasLain[0] = hasLain[0] || since > 2;
    for (int side = 0; side < 2; side++) {
        int layer = side ? last : 0;
        double x = water[layer] / dry[layer], dried = 1 - (x / waterPerDry > 1 ? 1 : x / waterPerDry), spot = side ? faceCelsius[1] : faceCelsius[0] + spotShare * dried * (patch - faceCelsius[0]);
        faceWater[side] = x;
        if (faceCelsius[side] > 105) brown[side] += dt * rate(faceCelsius[side], activity(x, faceCelsius[side]));
        if (spot > 105) spotBrown[side] += dt * rate(spot, activity(x, spot));
    }
}

static void bake(void) {
    begin();
    double now = 0;
    for (int t = 0; t < turnCount; t++) {
        double length = firstStep, since = 0;
        while (turns[t] - now > 1e-9) {
            double most = turns[t] - now, s = length < most ? length : most;
            s = most - s < 0.3 * s ? most : s;
            step(s, since);
            now += s; since += s;
            length = length * growth < longestStep ? length * growth : longestStep;
        }
        if (t < turnCount - 1) turn();
    }
}

static double number(void) { double x; if (scanf("%lf", &x) != 1) exit(3); return x; }

static int compare(const void *x, const void *y) { double d = *(const double *)x - *(const double *)y; return d < 0 ? -1 : d > 0; }

int main(void) {
    layers = (int)number();
    for (int i = 0; i < layers; i++) depth0[i] = number();
    double *names[] = {&dryPerCubic, &waterPerDry, &solidDensity, &a, &b, &ka, &kb, &raw, &setContact, &dryContact, &settling, &firstContact, &diffusivity60, &catchDepth, &rimShare, &wetRimShare, &spotShare, &openConvection, &emissivity, &start, &stored, &setCelsius, &regulation, &mostPower, &lateral, &covered, &room, &firstStep, &longestStep, &growth, &readiness};
    for (size_t i = 0; i < sizeof names / sizeof *names; i++) *names[i] = number();
    turnCount = (int)number();
    for (int i = 0; i < turnCount; i++) turns[i] = number();
    tableSteps = (int)number();
    tableEntries = (int)number();
    for (int i = 0; i < tableEntries; i++) table[i] = number();
    double taken[201];
    for (int round = 0; round < 201; round++) {
        struct timespec from, until;
        clock_gettime(CLOCK_MONOTONIC, &from);
        bake();
        clock_gettime(CLOCK_MONOTONIC, &until);
        taken[round] = (until.tv_sec - from.tv_sec) * 1e3 + (until.tv_nsec - from.tv_nsec) / 1e6;
    }
    qsort(taken, 201, sizeof *taken, compare);
    double wet = 0, solid = 0, first = 0;
    for (int i = 0; i < layers; i++) { wet += water[i]; solid += dry[i]; first += dry[i] * waterPerDry; }
    printf("{\"median_ms\": %.6f, \"loss\": %.15g, \"metal\": %.15g, \"centre\": %.15g, \"spots\": [%.15g, %.15g]}\n", taken[100], 1 - (wet + solid) / (first + solid), patch, celsius[layers / 2], spotBrown[0], spotBrown[1]);
    return 0;
}
