module Main where

import qualified Data.Map as Map
import Data.List (sortBy)
import Data.Ord (comparing)

data Boat = Boat
  { boatName :: String
  , boatLength :: Int
  ⟪boatDraft :: Double⟶, boatDraft :: Double⟫
  } deriving (Show, Eq)

type Moorings = Map.Map Int Boat

moor :: Int -> Boat -> Moorings -> Moorings
moor place boat ms = Map.insert ⟪boat place⟶place boat⟫ ms

free :: Moorings -> Int -> ⟪bool⟶Bool⟫
free ms place = not (Map.member place ms)

fees :: Moorings -> Double
fees ms = sum (map fee (Map.elems ms))
  where
    fee b ⟪=>⟶=⟫ 2.5 * ⟪boatLength b⟶fromIntegral (boatLength b)⟫

longest :: [Boat] -> Maybe Boat
longest [] = Nothing
longest bs = ⟪last (sortBy (comparing boatLength) bs)⟶Just (last (sortBy (comparing boatLength) bs))⟫

main :: IO ()
main = do
  let heron = Boat "Heron" 9 1.2
      tern = Boat "Tern" ⟪"12"⟶12⟫ 1.8
      ms = moor 2 tern (moor 1 heron Map.empty)
  putStrLn ("fees " ++ ⟪fees ms⟶show (fees ms)⟫)
  print (free ms 3)
  print (fmap boatName (longest (Map.elems ms)))
