module Main where

import qualified Data.Map as Map
import Data.List (sortBy, foldl')
import Data.Maybe (fromMaybe, mapMaybe)
import Data.Ord (comparing)

data Vessel = Vessel
  { vesselName :: String
  , draught :: Double
  , tonnage :: Int
  } deriving (Show⟪⟶, Eq⟫)

data Request = Enter Vessel | Leave String | Shift String Int
  deriving Show

type Harbour = Map.Map ⟪Int⟶String⟫ Vessel

admit :: Double -> Harbour -> Request -> Either String Harbour
admit depth harbour (Enter vessel)
  | draught vessel > depth = Left (vesselName vessel ++ " is too deep")
  | Map.member (vesselName vessel) harbour ⟪->⟶=⟫ Left "already in"
  | ⟪else⟶otherwise⟫ = Right (Map.insert (vesselName vessel) vessel harbour)
admit _ harbour (Leave name) =
  case Map.lookup name harbour of
    Nothing -> Left ("no " ++ name)
    ⟪Just⟶Just _⟫ -> Right (Map.delete name harbour)
admit _ harbour (Shift name tons) =
  Right (Map.adjust (\v -> v { tonnage = tonnage v + tons ⟪⟶}⟫) name harbour)

run :: Double -> [Request] -> (Harbour, [String])
run depth = foldl' step (Map.empty, [])
  where
    step (harbour, notes) request =
      case admit depth harbour request of
        Left note -> (harbour, note : notes)
        Right next ⟪=⟶->⟫ (next, notes)

heaviest :: Harbour -> Maybe Vessel
heaviest harbour
  | Map.null harbour = Nothing
  | otherwise = Just (last (sortBy (comparing tonnage) (Map.elems ⟪⟶harbour⟫)))

totalTons :: Harbour -> Int
totalTons harbour = sum (⟪map tonnage harbour⟶map tonnage (Map.elems harbour)⟶Map.map tonnage harbour⟶fmap tonnage harbour⟫)

average :: Harbour -> Double
average harbour = ⟪totalTons harbour⟶fromIntegral (totalTons harbour)⟫ / ⟪length harbour⟶fromIntegral (length harbour)⟶fromIntegral (Map.size harbour)⟫

isShallow :: Vessel -> ⟪bool⟶Bool⟫
isShallow v = draught v < 2.5

swap :: Vessel -> Vessel -> Bool
swap a b = a ⟪!=⟶/=⟫ b

names :: Harbour -> [String]
names = map vesselName ⟪$⟶.⟫ filter isShallow . Map.elems

main :: IO ()
main = do
  let requests =
        [ Enter (Vessel "Lena" 2.1 300)
        , Enter (Vessel "Otter" 5.5⟪⟶ 900⟶ 40⟫)
        , Shift "Lena" 25
        , Leave "Tern"
        ]
      (harbour, notes) = run 4.0 requests
  mapM_ putStrLn notes
  ⟪putStrLn⟶print⟫ (average harbour)
  putStrLn (⟪heaviest harbour⟶maybe "none" vesselName (heaviest harbour)⟶show (heaviest harbour)⟫)
  ⟪putStrLn⟶print⟶mapM_ putStrLn⟫ (names harbour)
  print (totalTons harbour)
