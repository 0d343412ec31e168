program manifest;

{$mode objfpc}

type
  TCrate = record
    labelText: string;
    weight: real;
    fragile: boolean;
  end;
  TCargo = array of TCrate;

var
  cargo: TCargo;

procedure Load(name: string; weight: real; fragile: boolean);
var
  last: integer;
begin
  SetLength(cargo, Length(cargo) + 1);
  last := High(cargo);
  cargo[last].labelText := name;
  cargo[last].weight := weight;
  cargo[last].fragile := fragile;
end;

function Heaviest: integer;
var
  i, best: integer;
begin
  best := 0;
  i := 1;
  while i < Length(cargo) do
  begin
    if cargo[i].weight > cargo[best].weight then
      best := i;
    i := i + 1;
  end;
  Heaviest := best;
end;

procedure Warn;
var
  crate: TCrate;
begin
  for crate in cargo do
    if crate.fragile then
      writeln('! ', crate.labelText, ' is fragile');
end;

begin
  Load('glass', 80, true);
  Load('sand', 900, false);
  Load('rope', 35.5, false);
  writeln('heaviest: ', cargo[Heaviest].labelText);
  Warn;
end.
