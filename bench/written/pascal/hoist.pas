program Hoist;

const
  Limit = 12;

type
  TLoad = record
    Name: string;
    Kilos: integer⟪⟶;⟫
    Fragile: boolean;
  end;
  TLoads = array[1..Limit] of TLoad;

var
  Loads: TLoads;
  Used: integer;

procedure Add(const Name: string; Kilos: integer; Fragile: boolean);
begin
  if Used < Limit then
  begin
    Used := Used + 1;
    Loads[Used].Name := Name;
    Loads[Used].Kilos ⟪=⟶:=⟫ Kilos;
    Loads[Used].Fragile := Fragile;
  end⟪;⟶⟫
  else
    writeln('full');
end;

function Total: integer;
var
  i, sum: integer;
begin
  sum := 0;
  for i := 1 to Used ⟪⟶do⟫
    sum := sum + Loads[i].Kilos;
  Total := sum;
end;

function Mean: real;
begin
  if Used = 0 then
    Mean := 0
  else
    Mean := Total / Used;
end;

begin
  Used := 0;
  Add('salt', 40, false);
  Add(⟪"glass"⟶'glass'⟫, 15, true);
  Add('rope', ⟪'8'⟶8⟫, false);
  writeln(Total, ' ', Mean:0:2);
  if Loads[1].Kilos > 30 ⟪⟶then⟫
    writeln(Loads[1].⟪Nam⟶Name⟫);
end.
