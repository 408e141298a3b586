/* The yardstick of bin/bench: the step loop of a take (core/Rehearsal/TrackingFocus.php) and the verdict of every frame
 * (Take.php), written plainly in C, on a pass drawn by the core. Reads one binary file of doubles written by bin/bench.php,
 * prints the frames of each verdict and the nanoseconds of one take. Built by bin/bench only; the product does not use it. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

enum { NOTHING, SUBJECT, FRONT, BEHIND, PART };
enum { SHARP, MOTION, SHAKE, FRONT_FOCUS, BACK_FOCUS, WRONG, OFF_AREA, OUT_OF_FRAME, HIDDEN, DEPTH, DIFFRACTION, VERDICTS };

static double *input;
static double next(void) { return *input++; }
static double *block(int count) { double *at = input; input += count; return at; }

static double reach(double area, double patch) { return area > patch ? area + patch / 2 : patch + area / 2; }

int main(int argc, char **argv) {
  FILE *file = fopen(argv[1], "rb");
  fseek(file, 0, SEEK_END);
  long size = ftell(file);
  rewind(file);
  double *whole = malloc(size);
  if (argc < 3 || fread(whole, 1, size, file) != (size_t)size) return 1;
  fclose(file);
  int repeats = atoi(argv[2]);
  input = whole;
  int steps = next(), frames = next(), full = next(), obstructed = next(), sees_behind = next(), nearest_wins = next(), arrives = next(), held0 = next();
  double step = next(), lens0 = next();
  double half_area = next(), half_up = next(), patch = next(), patch_up = next();
  double half_obstacle = next(), grab_within = next(), target = next(), obstacle_m = next();
  double wait = next(), hazard = next(), hazard_part = next(), hazard_behind = next(), keeps = next(), misleads = next();
  double scatter = next(), leads = next(), nearest = next(), farthest = next(), front_at = next(), behind_at = next(), part_m = next();
  double per_dioptre = next(), soft = next(), lost = next(), glimpse = next(), acquire = next(), recover = next();
  double grab = next(), grab_behind = next(), part_s = next(), travel = next(), settles = next(), lag = next();
  double focal = next(), f_number = next(), shutter = next(), limit = next(), diffraction = next(), group = next(), shake_mm = next(), pan_left = next(), own = next();
  double half_frame = next(), half_frame_up = next(), beside = next(), high = next();
  double *places = block(full + 1), *speeds = block(full + 1), *changes = block(full + 1);
  double *distance = block(steps), *aside = block(steps), *above = block(steps), *gap = block(steps), *aim_gap = block(steps), *measure = block(steps), *chance = block(steps), *crossing = block(steps);
  double *times = block(frames), *pan_scatter = block(frames), *shake_scatter = block(frames), *own_scatter = block(frames);
  double *dioptres = malloc(sizeof(double) * steps);
  int *holds = malloc(sizeof(int) * steps);
  long counts[VERDICTS] = {0};
  struct timespec from, to;
  clock_gettime(CLOCK_MONOTONIC, &from);
  for (int turn = 0; turn < repeats; turn++) {
    double lens = lens0, wanted = lens0, doubt = 0, found = 0, sought = 0, x = 0, v = 0, a = 0, part_left = 0;
    int held = held0, finds = NOTHING, known = 0, challenged = 0, protect = 0;
    for (int at = 0; at < steps; at++) {
      double s = distance[at];
      double wide = reach(half_area * s, patch), tall = reach(half_up * s, patch_up);
      int seen = fabs(aside[at]) < wide && fabs(above[at]) < tall && at >= arrives, front = 0;
      if (obstructed && s > obstacle_m) {
        if (gap[at] < half_obstacle + target / s) seen = 0;
        front = aim_gap[at] < grab_within;
      }
      int before = held;
      if (held == SUBJECT) {
        double px = x + step * (v + 0.5 * step * a);
        v += step * a;
        if (seen) {
          double off = s + scatter * s * s * measure[at] - px;
          x = px + places[known] * off;
          v += speeds[known] * off / step;
          a += changes[known] * off / (step * step);
          if (known < full) known++;
          if (front && nearest_wins) {
            if (!challenged) { challenged = 1; protect = chance[at] < keeps; }
            doubt = protect ? 0 : doubt + step;
          } else { challenged = 0; doubt = 0; }
          if (chance[at] > 1 - hazard) {
            double kind = (1 - chance[at]) / hazard;
            held = kind < hazard_part ? PART : kind < hazard_behind ? BEHIND : NOTHING;
            if (held == NOTHING) wanted = lens + (kind < (1 + hazard_behind) / 2 ? 1 : -1) * lost / per_dioptre;
            part_left = part_s;
            doubt = found = sought = 0;
          }
        } else {
          if (doubt == 0 && front && chance[at] < misleads) held = FRONT;
          x = px; a = 0; doubt += step;
        }
        if (doubt > wait) { held = NOTHING; doubt = found = sought = 0; }
      } else if (held == PART) {
        part_left -= step;
        if (part_left <= 0) { held = NOTHING; found = sought = 0; }
      } else if (held != NOTHING) {
        doubt = (held == FRONT ? front : !seen) ? (doubt > step ? doubt - step : 0) : doubt + step;
        if (doubt > wait) { held = NOTHING; doubt = found = sought = 0; }
      }
      if (held == NOTHING) {
        int takes = front && (nearest_wins ? !(seen && protect) : !seen) ? FRONT : seen ? SUBJECT : sees_behind ? BEHIND : NOTHING;
        if (takes != finds) { finds = takes; found = 0; }
        if (takes == SUBJECT) {
          double blur = per_dioptre * fabs(lens - 1 / s);
          sought += step / (glimpse + acquire * (blur < soft ? blur / soft : 1) + recover * (blur < lost ? blur / lost : 1));
          found = sought;
        } else if (takes == FRONT) found += front_at > nearest ? 0 : grab;
        else if (takes == BEHIND) found += grab_behind;
        if (found >= 1) {
          held = takes; finds = NOTHING; doubt = 0; challenged = protect;
          if (held == SUBJECT) { x = s + scatter * s * s * measure[at]; v = a = 0; known = 1; }
        }
      }
      double told = wanted;
      if (held == SUBJECT) { double ahead = x + leads * v; wanted = ahead > 0.05 ? 1 / ahead : nearest; }
      else if (held == FRONT) wanted = front_at;
      else if (held == BEHIND) wanted = behind_at;
      else if (held == PART) wanted = 1 / fmax(0.05, s - part_m);
      wanted = wanted > nearest ? nearest : wanted < farthest ? farthest : wanted;
      double follows = held == before ? wanted - told : 0;
      double moves = wanted - (wanted - follows - lens) * settles - lens;
      lens += moves > travel ? travel : moves < -travel ? -travel : moves;
      dioptres[at] = lens;
      holds[at] = held;
    }
    for (int frame = 0; frame < frames; frame++) {
      double at = times[frame], where = at / step, behind = (at - lag) / step;
      int before = (int)where < steps - 2 ? (int)where : steps - 2;
      double share = where - before, s = distance[before] * (1 - share) + distance[before + 1] * share;
      int base = behind <= 0 ? 0 : behind >= steps - 1 ? steps - 1 : (int)behind;
      double plane = behind <= 0 ? dioptres[0] : behind >= steps - 1 ? dioptres[steps - 1] : dioptres[base] * (1 - (behind - base)) + dioptres[base + 1] * (behind - base);
      int what = holds[base], verdict;
      double pan = crossing[before] * pan_left * pan_scatter[frame];
      double motion = focal / (s * 1000 - focal) * 1000 * shutter * sqrt(pan * pan + own * own * own_scatter[frame] * own_scatter[frame]);
      double shake = shake_mm * shake_scatter[frame];
      double off = focal * focal * fabs(1 - s * plane) / (f_number * s * (1000 - focal * plane));
      double defocus = sqrt(off * off + group * group);
      double total = sqrt(motion * motion + shake * shake + defocus * defocus + diffraction * diffraction);
      double most = fmax(fmax(motion, shake), fmax(defocus, diffraction));
      int astray = fabs(aside[before]) >= reach(half_area * s, patch) || fabs(above[before]) >= reach(half_up * s, patch_up);
      if (before < arrives || fabs(beside * s - aside[before]) > half_frame * s || fabs(high * s - above[before]) > half_frame_up * s) verdict = OUT_OF_FRAME;
      else if (s > obstacle_m && gap[before] < half_obstacle) verdict = HIDDEN;
      else if (total <= limit) verdict = SHARP;
      else if (most == motion) verdict = MOTION;
      else if (most == shake) verdict = SHAKE;
      else if (most == diffraction) verdict = DIFFRACTION;
      else if (group > defocus / sqrt(2)) verdict = DEPTH;
      else if (what == FRONT || what == BEHIND || what == PART || (what == NOTHING && !astray)) verdict = WRONG;
      else if (astray) verdict = OFF_AREA;
      else verdict = plane * s > 1 ? FRONT_FOCUS : BACK_FOCUS;
      counts[verdict]++;
    }
  }
  clock_gettime(CLOCK_MONOTONIC, &to);
  for (int verdict = 0; verdict < VERDICTS; verdict++) printf("%ld ", counts[verdict] / repeats);
  printf("%.1f\n", ((to.tv_sec - from.tv_sec) * 1e9 + (to.tv_nsec - from.tv_nsec)) / repeats);
  return 0;
}
