program TollQueue;
{$mode objfpc}

type
  TKind = (Car, Van, Bike);
  TVehicle = record
    Kind: TKind;
    Axles: integer;
  end;

const
  Rates: array[TKind] of real = (4.5, 8.0⟪⟶, 0⟫);

var
  Queue: array[1..4] of TVehicle;
  I: integer;
  Sum: real;
  Free: set of ⟪TKinds⟶TKind⟫;

function Toll(V: TVehicle): real;
begin
  Toll := Rates[⟪V⟶V.Kind⟫];
  if V.Axles > 2 then
  begin
    Toll := Rates[V.Kind] + (V.Axles - 2) * ⟪1,5⟶1.5⟫;
  end⟪⟶;⟫
end;

procedure Put(At: integer; Kind: TKind; Axles: integer);
begin
  ⟪with Queue[At]⟶with Queue[At] do⟫
  begin
    Axles := Axles;
  end;
  Queue[At].Kind := Kind;
  Queue[At].Axles := Axles;
end;

begin
  Put(1, Car⟪⟶, 2⟫);
  Put(2, Van, 3);
  Put(3, Bike, 1);
  Put(4, ⟪'Van'⟶Van⟫, 2);
  Free := [Bike];
  Sum := 0;
  I := 1;
  repeat
    if Queue[I].Kind in Free then
      writeln('free')
    else
      Sum := Sum + Toll(Queue[I]);
    I := I + 1;
  until ⟪I := 5⟶I = 5⟶I > 4⟫;
  writeln('sum ', Sum:0:2);
end.
