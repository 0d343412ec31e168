#include <stdio.h>

#define MAX_DEPTH 20

/* Steps from buoy to buoy until the harbour is reached. */

struct point
{
  int x;
  int y;
};

int distance (struct point a, struct point b)
{
  int dx = a.x > b.x ? a.x - b.x : b.x - a.x;
  int dy = a.y > b.y ? a.y - b.y : b.y - a.y;
  return dx + dy;
}

struct point step (struct point from, struct point to)
{
  struct point next = from;
  if (from.x < to.x)
    next.x++;
  else if (from.x > to.x)
    next.x--;
  else if (from.y < to.y)
    next.y++;
  else
    next.y--;
  return next;
}

int sail (struct point from, struct point to, int depth)
{
  if (distance (from, to) == 0)
    return depth;
  if (depth >= MAX_DEPTH)
    return -1;
  return sail (step (from, to), to, depth + 1);
}

int nearest (struct point here, struct point *buoys, int count)
{
  int best = -1;
  int shortest = 1000;
  int i;
  for (i = 0; i < count; i++)
    {
      int d = distance (here, buoys[i]);
      if (d < shortest)
        {
          shortest = d;
          best = i;
        }
    }
  return best;
}

int main (void)
{
  struct point harbour = { 0, 0 };
  struct point buoys[4] = { { 3, 4 }, { -2, 5 }, { 6, -1 }, { 1, 2 } };
  int i;

  for (i = 0; i < 4; i++)
    {
      int steps = sail (buoys[i], harbour, 0);
      if (steps < 0)
        printf ("buoy %d is too far away\n", i);
      else
        printf ("buoy %d: %d steps\n", i, steps);
    }
  printf ("nearest buoy: %d\n", nearest (harbour, buoys, 4));
  return 0;
}
